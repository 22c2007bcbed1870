// Pictures as SVG look the same in two other renderers as our own PNG.
import assert from 'node:assert/strict';
import test from 'node:test';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Resvg } from '@resvg/resvg-js';
import sharp from 'sharp';
import { examples, made, yonder } from './yonder.mjs';

const BLOCK = 8, TOLERANCE = 20;

const raw = async bytes => {
  const { data, info } = await sharp(bytes).flatten().removeAlpha().raw().toBuffer({ resolveWithObject: true });
  return { data, width: info.width, height: info.height };
};

const mean = ({ data, width, height }, left, top, channel) => {
  let sum = 0;
  for (let y = top; y < top + BLOCK; y++) {
    for (let x = left; x < left + BLOCK; x++) {
      const at = Math.min(height - 1, Math.max(0, y)) * width + Math.min(width - 1, Math.max(0, x));
      sum += data[at * 3 + channel];
    }
  }
  return sum / BLOCK / BLOCK;
};

/** The blocks in which two pictures differ, wherever one is moved to by less than a pixel. */
const differing = (ours, theirs) => {
  const found = [];
  for (let y = 0; y <= ours.height - BLOCK; y += BLOCK) {
    for (let x = 0; x <= ours.width - BLOCK; x += BLOCK) {
      for (let channel = 0; channel < 3; channel++) {
        const shown = mean(theirs, x, y, channel);
        const near = [[0, 0], [0, 1], [0, -1], [1, 0], [-1, 0]].map(([right, down]) => mean(ours, x + right, y + down, channel));
        if (shown < Math.min(...near) - TOLERANCE || shown > Math.max(...near) + TOLERANCE) {
          found.push(`${x},${y}: ${Math.round(shown)}, not ${Math.round(near[0])}`);
          break;
        }
      }
    }
  }
  return found;
};

const same = async (name, ...words) => {
  const svg = join(made, name + '.svg'), png = join(made, name + '.png');
  yonder(...words, '-o', svg, '--outlines');
  yonder(...words, '-o', png, '--scale', '1');
  const text = readFileSync(svg, 'utf8');
  assert.match(text, /<svg [^>]*width="\d+" height="\d+"/, 'its size is whole');
  const ours = await raw(png);
  for (const [renderer, shown] of [
    ['resvg', await raw(Buffer.from(new Resvg(text).render().asPng()))],
    ['librsvg', await raw(Buffer.from(text))]
  ]) {
    assert.deepEqual([shown.width, shown.height], [ours.width, ours.height], renderer);
    assert.deepEqual(differing(ours, shown), [], renderer);
  }
};

for (const [name, path] of examples) {
  test(`${name}, drawn`, () => same(name, 'draw', path, '--scheme', 'dark', '--frame'));
}
test('a sheet', () => same('sheet', 'draw', examples[2][1], '--across', 'device', '--down', 'scheme', '--frame'));
test('a map', () => same('map', 'draw', examples[0][1], '--map'));
test('measures', () => {
  const svg = join(made, 'measures.svg');
  yonder('measure', examples[0][1], 'bottom', '-o', svg);
  const text = readFileSync(svg, 'utf8');
  const [, width, height] = /width="(\d+)" height="(\d+)"/.exec(text).map(Number);
  for (const [, y, high] of text.matchAll(/<rect x="[^"]*" y="([^"]*)" width="[^"]*" height="([^"]*)"/g)) {
    assert.ok(Number(y) >= 0 && Number(y) + Number(high) <= height + 1, `${y} and ${high} of ${height}`);
  }
  assert.equal(new Resvg(text).render().width, width);
});
