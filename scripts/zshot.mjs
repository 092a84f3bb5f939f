import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
const BASE = 'http://127.0.0.1:4870';
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox','--disable-gpu','--disable-dev-shm-usage'] });
const [,, name, path, size='desk', dark='', scroll='0'] = process.argv;
const page = await browser.newPage({ viewport: size==='desk'?{width:1280,height:800}:size==='narrow'?{width:320,height:700}:{width:390,height:844}, colorScheme: dark==='dark'?'dark':'light' });
page.on('console', m=>m.type()==='error'&&console.log('ERR', m.text().slice(0,300)));
page.on('pageerror', e=>console.log('PAGEERR', e.message.slice(0,300)));
let p = path;
const m = /^w:(\w+)$/.exec(path);
if (m) { const t = await (await fetch(BASE+'/api/today')).json(); p = '/trouble/'+t.waiting.find(x=>x.markIds.includes(m[1])).id; }
await page.goto(BASE+p);
await page.waitForTimeout(1500);
if (process.env.ACT) await (0,eval)('(async (page)=>{'+process.env.ACT+'})')(page);
if (+scroll) { await page.evaluate(y=>scrollTo(0,y), +scroll); await page.waitForTimeout(200); }
await page.waitForTimeout(300);
await page.screenshot({ path: '/tmp/x/'+name+'.png' });
const words = await page.evaluate(()=>{ let n=0; const w=document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT); while(w.nextNode()){ const t=w.currentNode.textContent.trim(); if(!t) continue; const r=document.createRange(); r.selectNodeContents(w.currentNode); const b=r.getBoundingClientRect(); const el=w.currentNode.parentElement; const s=getComputedStyle(el); if(b.width<2||b.bottom<=0||b.top>=innerHeight||s.visibility==='hidden') continue; const hx=Math.min(innerWidth-1,Math.max(0,b.left+b.width/2)), hy=Math.min(innerHeight-1,Math.max(0,b.top+Math.min(b.height/2,10))); const top=document.elementFromPoint(hx,hy); if(!top||!(el===top||el.contains(top)||top.contains(el))) continue; (globalThis.__w??=[]).push(t); n+=t.split(/\s+/).filter(x=>/\w/.test(x)).length;} return n; });
console.log('words in view', words, 'scrollW', await page.evaluate(()=>document.documentElement.scrollWidth), 'height', await page.evaluate(()=>document.documentElement.scrollHeight));
if (process.env.WORDS) console.log((await page.evaluate(()=>globalThis.__w)).join(' · '));
await browser.close();
