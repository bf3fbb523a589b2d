import { chromium } from '@playwright/test';
const [, , path, out, w = '1280', h = '800', scheme = 'light', acts = ''] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'] });
const ctx = await browser.newContext({ viewport: { width: +w, height: +h }, colorScheme: scheme, hasTouch: +w < 500 });
const page = await ctx.newPage();
page.on('console', (m) => m.type() === 'error' && console.log('console:', m.text()));
page.on('pageerror', (e) => console.log('pageerror:', e.message));
if (!process.env.OWN) { await page.goto('http://localhost:4700/demo'); await page.waitForURL((u) => !u.pathname.startsWith('/demo')); await page.waitForTimeout(700); }
await page.goto('http://localhost:4700' + path);
await page.waitForTimeout(1800);
if (acts) { const run = new Function('page', 'ctx', `return (async () => { ${acts} })()`); await run(page, ctx); await page.waitForTimeout(900); }
await page.screenshot({ path: out });
await browser.close();
