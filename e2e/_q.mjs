import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await (await b.newContext({ viewport: { width: 390, height: 844 } })).newPage();
p.on('console',m=>console.log('C',m.text().slice(0,300))); p.on('pageerror',e=>console.log('E',String(e).slice(0,300))); p.on('response',r=>r.status()>=400&&console.log(r.status(),r.url()));
await p.goto('http://127.0.0.1:18097/'); await p.waitForTimeout(4000);
console.log((await p.locator('body').innerText()).slice(0,400));
await b.close();
