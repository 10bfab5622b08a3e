import { chromium } from 'playwright-core';
const [,, base, out, ...paths] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: process.env.DARK ? 'dark' : 'light' });
for (const [i, path] of paths.entries()) { await p.goto(base + path); await p.waitForTimeout(700); await p.screenshot({ path: `${out}-${i}.png` }); }
await b.close();
