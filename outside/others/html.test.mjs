// Pages conform to HTML as the checker of the W3C and WHATWG reads it: as files, and as their scripts make them.
import assert from 'node:assert/strict';
import test from 'node:test';
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';
import { examples, here, home, made, yonder } from './yonder.mjs';

const ACCEPTED = [
  // It takes neither a hash of a script nor pictures as data, which the policy allows.
  /Content Security Policy/,
  // The name of the app stands beside it, and is the only heading of an app without titles.
  /Consider using the “h1” element/,
  // An entry of a list may have a level (WAI-ARIA 1.2, role listitem).
  /“aria-level” attribute should not be used on any element which has “role=listitem”/
];
const VIEWS = ['phone~~~~~1~~', 'phone~turned~~dark~~2~~more', 'tablet~~~~ar~1~~', 'desktop~~~~~1~~'];

test('pages', async () => {
  const folder = join(made, 'pages');
  mkdirSync(folder);
  const browser = await puppeteer.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
  let live;
  try {
    const tab = await browser.newPage();
    await tab.setViewport({ width: 1400, height: 900 });
    const keep = async name => writeFileSync(join(folder, name + '.html'),
      '<!DOCTYPE html>' + await tab.evaluate(() => document.documentElement.outerHTML.replace(/(<script>)[^]*?(?=<\/script>)/g, '$1')));
    for (const [turn, [name, path]] of examples.entries()) {
      // As a file each is of the same template: one is read so.
      const file = join(turn === 0 ? folder : made, name + '.html');
      yonder('page', path, '-o', file);
      for (const i of [turn % 2, turn % 2 + 2]) {
        const view = VIEWS[i];
        await tab.goto('about:blank');
        await tab.goto('file://' + file + '#view=on=' + encodeURIComponent(view));
        await tab.waitForFunction(() => window.yonderApp);
        await keep(`${name}-${i}`);
        const opens = await tab.$$('#device [aria-expanded=false]');
        if (opens.length) {
          await opens[i % opens.length].evaluate(part => part.click());
          await new Promise(done => setTimeout(done, 300));
          await keep(`${name}-${i}-open`);
        }
      }
    }
    live = spawn(join(home, 'yonder'), ['live', examples[0][1], '--port', '0'], { stdio: ['ignore', 'pipe', 'inherit'] });
    const address = await new Promise(done => live.stdout.on('data', said => {
      const found = /http:\S+/.exec(String(said));
      if (found) done(found[0]);
    }));
    writeFileSync(join(folder, 'live.html'), await (await fetch(address)).text());
    await tab.goto(address);
    await tab.waitForSelector('[data-thing="item:surveys"]');
    await tab.click('[data-thing="item:surveys"]');
    await tab.waitForSelector('#panel *, [role=tabpanel] *');
    await keep('live-item');
  } finally {
    await browser.close();
    live?.kill();
  }
  const checked = spawnSync('java', ['-jar', join(here, 'node_modules/vnu-jar/build/dist/vnu.jar'), '--format', 'gnu', folder],
    { encoding: 'utf8', maxBuffer: 1 << 26 });
  const wrong = checked.stderr.split('\n').filter(line => line && !ACCEPTED.some(any => any.test(line)));
  assert.deepEqual(wrong.map(line => line.replace(folder, '').slice(0, 400)), []);
});
