import { chromium } from '@playwright/test';

const b = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
  ],
});
const [, , url, out, size = '1280x800', mode = 'light', ...acts] = process.argv;
const [w, h] = size.split('x').map(Number);
const c = await b.newContext({ viewport: { width: w, height: h }, colorScheme: mode });
const p = await c.newPage();
p.on('console', (m) => {
  if (['error', 'warning'].includes(m.type())) console.log('CONSOLE', m.text().slice(0, 300));
});
p.on('pageerror', (e) => console.log('PAGEERROR', e.message));
await p.goto('http://127.0.0.1:4870' + url);
await p.waitForTimeout(1200);
for (const a of acts) {
  await eval(`(async()=>{${a}})()`);
  await p.waitForTimeout(250);
}
await p.waitForTimeout(300);
await p.screenshot({ path: out, fullPage: process.env.FULL === "1" });
console.log(
  await p.evaluate(() => ({
    sw: document.documentElement.scrollWidth,
    w: innerWidth,
    sh: document.documentElement.scrollHeight,
    h: innerHeight,
  })),
);
await b.close();
