import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
import { readFileSync } from 'node:fs';
const [,,out,...names]=process.argv;
const b=await chromium.launch({executablePath:CHROMIUM,args:['--no-sandbox']});
const p=await b.newPage({viewport:{width:400*names.length,height:860}});
await p.setContent('<body style="margin:0;display:flex;gap:10px;background:#888">'+names.map(n=>`<img style="width:390px;height:auto" src="data:image/png;base64,${readFileSync('/tmp/x/'+n+'.png').toString('base64')}">`).join('')+'</body>');
await p.waitForTimeout(300);
await p.screenshot({path:'/tmp/x/'+out+'.png'});await b.close();
