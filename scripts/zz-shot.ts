import { chromium } from '@playwright/test';
const [,, out, path, w='1280', h='800', theme='cal', ...acts] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const ctx = await b.newContext({ viewport: { width: +w, height: +h } });
const p = await ctx.newPage();
let nlog=0; p.on('console', m => { if (nlog++>6) return; if (['error','warning'].includes(m.type())) console.log('console', m.type(), m.text().slice(0,300)); });
p.on('pageerror', e => console.log('pageerror', e.message.slice(0,300)));
const base = process.env.BASE ?? 'http://localhost:5199';
if (!path.startsWith('/a/') && !path.startsWith('/sign')) {
await p.goto(base + '/sign-in'); await p.waitForLoadState('networkidle');
await p.fill('input[name=email]', 'coach@jaleo.example'); await p.fill('input[name=password]', 'tuesday-lift');
await p.click('button[type=submit]'); await p.waitForURL(u => !u.pathname.startsWith('/sign-in'), {timeout: 20000}).catch(()=>console.log('sign-in stuck'));
if (theme==='noche') await ctx.addCookies([{name:'theme',value:'noche',url:base}]);
}
await p.goto(base + path); await p.waitForLoadState('networkidle'); await p.waitForTimeout(1200);
for (const a of acts) { const [k, ...v] = a.split('='); const val=v.join('=');
 if (k==='click') await p.click(val); if (k==='press') await p.keyboard.press(val); if (k==='wait') await p.waitForTimeout(+val); if(k==='type') await p.keyboard.type(val); if (k==='goto') { await p.goto(base+val); await p.waitForLoadState('networkidle'); } }
await p.waitForTimeout(400);
await p.screenshot({ path: out });
console.log(p.url());
const over = await p.evaluate(() => document.documentElement.scrollHeight + 'x' + document.documentElement.scrollWidth);
console.log('page', over);
await b.close();
