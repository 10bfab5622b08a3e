import { chromium } from 'playwright-core';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: 1600, height: 1000 } });
for (const f of process.argv.slice(2)) { await p.goto('file://' + f); await p.waitForTimeout(300); await p.screenshot({ path: f.replace('.html', '.png'), fullPage: true }); }
await b.close();
