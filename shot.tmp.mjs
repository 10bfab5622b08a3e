import { chromium } from 'playwright-core';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const [path, out, w = '1280', h = '800', full = '', ...steps] = process.argv.slice(2);
const p = await b.newPage({ viewport: { width: +w, height: +h } });
p.on('pageerror', (e) => console.log('PAGEERROR', e.message)); p.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()));
await p.goto('http://127.0.0.1:4100' + path, { waitUntil: 'networkidle' });
for (const s of steps) { const [k, ...v] = s.split(':'); const val = v.join(':'); if (k === 'click') await p.getByRole('button', { name: val }).first().click(); else if (k === 'key') await p.keyboard.press(val); else if (k === 'type') await p.keyboard.type(val); else if (k === 'fill') await p.keyboard.insertText(val); else if (k === 'wait') await p.waitForTimeout(+val); else if (k === 'cell') await p.locator(`[data-cell="${val}"]`).click(); else if (k==='scroll') await p.mouse.wheel(0,+val); }
await p.waitForTimeout(400);
await p.screenshot({ path: out, fullPage: full === 'full' });
await b.close();
