import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
import { JOBS } from '../packages/core/src/test/expert/jobs.ts';
const BASE='http://127.0.0.1:4870';
const enc = (o)=>Buffer.from(JSON.stringify(o)).toString('base64url');
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox','--disable-gpu','--disable-dev-shm-usage'] });
const page = await browser.newPage({viewport:{width:1280,height:800}});
for (const {name,facts} of JOBS) { if (!name.includes(process.argv[2])) continue;
  await page.goto(BASE+'/trouble?told='+enc({facts})); await page.locator('[data-rung]').first().waitFor(); await page.waitForTimeout(500);
  console.log(await page.evaluate(()=>document.querySelector('section[aria-label="Round 1"]').innerText)); }
await browser.close();
