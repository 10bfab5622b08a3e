import { chromium } from 'playwright-core';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
await p.goto('http://127.0.0.1:3456/weeks'); await p.waitForTimeout(800); await p.keyboard.press('/'); await p.waitForTimeout(800); await p.keyboard.type('dye'); await p.waitForTimeout(600); await p.screenshot({ path: '/tmp/f0.png' });
await p.keyboard.press('Escape'); await p.waitForTimeout(300); await p.getByRole('button', { name: /Finishes: how/ }).click(); await p.waitForTimeout(800); await p.screenshot({ path: '/tmp/f1.png' });
await b.close();
