import { request } from 'node:http';
import { expect, test, type App } from './app';

test.use({ stores: 'the demo' });

/** A raw request, with whatever headers someone else's page or machine might send. */
function ask(
  { port }: App,
  path: string,
  headers: Record<string, string>,
  method = 'GET',
): Promise<{ status: number; headers: Record<string, unknown>; body: string }> {
  return new Promise((resolve, reject) => {
    const sent = request(
      { host: '127.0.0.1', port, path, method, headers, setHost: !headers.host },
      (response) => {
        let body = '';
        response.on('data', (chunk) => (body += chunk));
        response.on('end', () => resolve({ status: response.statusCode!, headers: response.headers, body }));
      },
    );
    sent.on('error', reject);
    sent.end(method === 'POST' ? '[]' : undefined);
  });
}

test('only this machine’s own names are answered', async ({ app }) => {
  for (const host of ['plans.example', '192.0.2.7', `127.0.0.1.example:${app.port}`, 'localhost.example']) {
    const { status, body } = await ask(app, '/files/plan.json', { host });
    expect(status, host).toBe(421);
    expect(body).not.toContain('Ottilie');
  }
  for (const host of [`127.0.0.1:${app.port}`, `localhost:${app.port}`])
    expect((await ask(app, '/files/plan.json', { host })).status, host).toBe(200);
});

test('only its own pages may change the plan', async ({ app }) => {
  const host = `127.0.0.1:${app.port}`;
  const action = { host, 'content-type': 'text/plain;charset=UTF-8', 'next-action': '0'.repeat(42) };
  const before = (await ask(app, '/files/plan.json', { host })).body;
  for (const origin of [
    'http://elsewhere.example',
    'null',
    `https://${host}`,
    `http://127.0.0.1:${app.port + 1}`,
  ])
    expect((await ask(app, '/weeks', { ...action, origin }, 'POST')).status, origin).toBe(403);
  expect((await ask(app, '/weeks', action, 'POST')).status, 'no origin').toBe(403);
  expect((await ask(app, '/files/plan.json', { host })).body).toBe(before);
});

test('every page carries a policy under which nothing comes from elsewhere, and keeps to it', async ({
  page,
  app,
}) => {
  const host = `127.0.0.1:${app.port}`;
  for (const path of ['/setup', '/year', '/unit', '/books', '/lessons', '/ladder', '/weeks', '/today']) {
    const policy = String((await ask(app, path, { host })).headers['content-security-policy']);
    expect(policy, path).toMatch(/default-src 'self'/);
    expect(policy, path).toMatch(/script-src 'self' 'nonce-[\w+/=]+' 'strict-dynamic' 'wasm-unsafe-eval';/);
    expect(policy, path).toMatch(/style-src 'self' 'nonce-[\w+/=]+';/);
    expect(policy, path).toContain("frame-ancestors 'none'");
    expect(policy, path).not.toMatch(/https?:|'unsafe-eval'|\*/);
  }
  const refused: string[] = [];
  const elsewhere: string[] = [];
  page.on('console', (m) => {
    if (/Content Security Policy/i.test(m.text())) refused.push(m.text());
  });
  page.on('request', (r) => {
    if (!r.url().startsWith(app.url) && !/^(data|blob):/.test(r.url())) elsewhere.push(r.url());
  });
  for (const path of ['/year', '/weeks', '/today', '/ladder']) await page.goto(path);
  expect(refused).toEqual([]);
  expect(elsewhere).toEqual([]);
  // A foreign script is stopped by it.
  await page.evaluate(() => {
    const s = document.createElement('img');
    s.src = 'http://192.0.2.1/x.png';
    document.body.append(s);
  });
  await expect.poll(() => refused.length).toBeGreaterThan(0);
});

test('a broken file is named row by row, and nothing of it is kept', async ({ page, app }) => {
  const host = `127.0.0.1:${app.port}`;
  const before = (await ask(app, '/files/plan.json', { host })).body;
  const broken = before
    .replace('"birthMonth": "2014-05"', '"birthMonth": "May 2014"')
    .replace(/"unitId": "[^"]+"/, '"unitId": "nowhere"');
  await page.goto('/setup');
  const choose = async (text: string): Promise<void> => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Bring in a plan…' }).click();
    await (
      await chooser
    ).setFiles({ name: 'plan.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  };
  await choose(broken);
  const dialog = page.getByRole('dialog', { name: 'This file cannot be brought in' });
  await expect(dialog).toContainText('children[0].birthMonth: a month is written YYYY-MM');
  await dialog.getByRole('button', { name: 'I see' }).click();
  await choose(before.replace(/"unitId": "[^"]+"/, '"unitId": "nowhere"'));
  await expect(dialog).toContainText('objectives[0].unitId: there is no unit “nowhere”');
  await dialog.getByRole('button', { name: 'I see' }).click();
  await choose('{"a":');
  await expect(dialog).toContainText('this is not JSON');
  expect((await ask(app, '/files/plan.json', { host })).body).toBe(before);
});
