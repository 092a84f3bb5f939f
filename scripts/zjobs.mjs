// measures the plan page of each job
import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
import { JOBS } from '../packages/core/src/test/expert/jobs.ts';
const BASE='http://127.0.0.1:4870';
const enc = (o)=>Buffer.from(JSON.stringify(o)).toString('base64url');
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox','--disable-gpu','--disable-dev-shm-usage'] });
const only = process.argv[2];
for (const [size,viewport] of [['phone',{width:390,height:844}],['desk',{width:1280,height:800}]]) {
 const page = await browser.newPage({viewport});
 const all=[];
 for (const [i,{name,facts}] of JOBS.entries()) {
  if (only && !name.includes(only)) continue;
  await page.goto(BASE+'/trouble?told='+enc({facts}));
  await page.locator('[data-slate]').waitFor({timeout:10000}).catch(()=>{});
  await page.waitForTimeout(600);
  const r = await page.evaluate(()=>{ let n=0; const w=document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT); while(w.nextNode()){ const t=w.currentNode.textContent.trim(); if(!t) continue; const r=document.createRange(); r.selectNodeContents(w.currentNode); const b=r.getBoundingClientRect(); const el=w.currentNode.parentElement; if(b.width<2||b.bottom<=0||b.top>=innerHeight) continue; const hx=Math.min(innerWidth-1,Math.max(0,b.left+b.width/2)), hy=Math.min(innerHeight-1,Math.max(0,b.top+Math.min(b.height/2,10))); const top=document.elementFromPoint(hx,hy); if(!top||!(el===top||el.contains(top)||top.contains(el))) continue; n+=t.split(/\s+/).filter(x=>/\p{L}/u.test(x)).length;}
   const slate=document.querySelector('[data-slate]')?.getBoundingClientRect();
   const round=document.querySelector('section[aria-label="Round 1"]');
   const rw=(round?.innerText??'').split(/\s+/).filter(x=>/\p{L}/u.test(x)).length;
   return {words:n, slateTop: Math.round(slate?.top??-1), slateBottom: Math.round(slate?.bottom??-1), round: rw, w: document.documentElement.scrollWidth, label: document.querySelector('[data-slate]')?.getAttribute('aria-label'), start: [...document.querySelectorAll('button')].find(b=>/^Start(:|$)/.test(b.textContent))?.textContent, q: document.querySelectorAll('[role=group] > h2').length}; });
  all.push(r); console.log(size, String(i).padStart(2), JSON.stringify(r), name);
  if (only) await page.screenshot({path:`/tmp/x/job-${size}.png`});
 }
 const med=(k)=>[...all].map(x=>x[k]).sort((a,b)=>a-b)[Math.floor(all.length/2)];
 console.log(size,'median words',med('words'),'round',med('round'), 'max words', Math.max(...all.map(x=>x.words)), 'max slateBottom', Math.max(...all.map(x=>x.slateBottom)));
 await page.close();
}
await browser.close();
