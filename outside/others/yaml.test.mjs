// What our reader takes from YAML is what another one takes, and what it refuses is told.
import assert from 'node:assert/strict';
import test from 'node:test';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse, parseDocument } from 'yaml';
import { made, random, status, written } from './yonder.mjs';

const HEAD = 'yonder: 1\napp: { name: T, start: a }\nscreens: { a: A, b: B }\nmenus: { main: [ a, b ] }\nbars: [ { menu: main, form: bottom } ]\nfacts:\n';

const WRITTEN = String.raw`plain|plain text|a b  c|a#b|a #b|"a #b"|'a #b'|a:b|"a: b"|'it''s'|"it's"|"\"x\""|"\\"|"\t\n"|"\x41\u00e9\U0001F41A"|"\e\0"|"\N\_\L\P"|"\N\_"
|yes|no|on|off|y|n|true|True|TRUE|false|False|FALSE|tRUE|null and void|~ x|-1|+1|01|007|0o17|0x1F|0b11|1_000|1e3|1E3|1e+3|1e-3|.5|1.|1.50|-0|0|-.5|12:30|2026-12-01|1,5
|1 2|0x|0o8|+0x1|1e|.e1|-|- a|a - b|"- a"|? a|"? a"|:a|"a:"|@a|"@a"|%a|"%a"|!a|"!a"|!!str 12|!!str true|!!int "3"|!!float "1.5"|!!bool "true"|! 12|!own x|!!binary VA==|!!set x
|&x here|*x|"a
  b"|'a

  b'|a
    b|"a\
    b"|"  lead"|"trail  "|a	b|"a	b"|	a| "é"|"é"|日本|"‏x"|🐚|"🐚"|a,b|[a]|{a: b}|"[a]"|a]|a}|"|'|"a' |'a" |'a'b'|"a"b"|\
|>-
    folded
    text|>-
    folded

    text|>-
    a
      more
    b|>+
    keep

|>
    clip
|\|-
    literal
      more|\|
    clip
|\|+
    keep

|\|2-
      two|>2-
      two|\|9
    x|\|-1 x|>x
    y|\|- # said
    x|"a" # said|a # said|'a'# x|"a"#x`.split(/(?<!\\)\n?\|/).map(one => one.replace(/^\\\|/, '|').replaceAll('\\|', '|'));

/** Each in a plan of its own, and some hundred more that are put together by chance. */
const cases = () => {
  const any = random(7), of = all => all[Math.floor(any() * all.length)];
  const parts = ['a', 'b c', '1', '"', "'", ':', ': ', ' #', '\\n', '\t', ',', '[', ']', '{', '}', '- ', '&q ', '*q', '!!str ', '>-\n    ', '|-\n    ', '\n    ', 'é', '.', '0x', '"\u0085"'];
  const made = Array.from({ length: 220 }, () => Array.from({ length: 1 + Math.floor(any() * 5) }, () => of(parts)).join(''));
  return [...new Set([...WRITTEN, '"a\u0085b"', "'\u0085'", ...made])].filter(one => one.trim() && !/^\s*[>|]\S*\s*$/.test(one));
};

// Ours takes a quoted text that goes on at the column of its key, and a comment without a space before it; theirs takes a text that goes on
// as a key. We refuse bytes, which a plan has no use for; and our parser has no \\L and \\P, which it tells.
const KNOWN = [String.raw`"\N\_\L\P"`, '"a\n  b"', "'a\n\n  b'", "'a'# x", '"a"#x', 'é>-\n    :', '!!binary VA=='];

test('values', () => {
  const all = cases().filter(one => !KNOWN.includes(one));
  const files = all.map((one, i) => {
    const file = join(made, `case-${String(i).padStart(3, '0')}.yaml`);
    writeFileSync(file, HEAD + '  f: ' + one + '\n');
    return file;
  });
  const told = JSON.parse(status('check', '--json', ...files).stdout);
  const syntax = new Set(told.files.filter(file => file.findings.some(finding => finding.code === 'syntax')).map(file => file.file));
  const wrong = [], right = [];
  all.forEach((one, i) => {
    const theirs = parseDocument(HEAD + '  f: ' + one + '\n', { version: '1.2', uniqueKeys: false });
    let unresolved = false;
    try { theirs.toJS(); } catch (alias) { unresolved = true; }
    const isRefused = unresolved || theirs.errors.length > 0 || theirs.warnings.length > 0;
    if (isRefused !== syntax.has(files[i])) {
      wrong.push(JSON.stringify(one) + (isRefused ? ' is taken: ' + (theirs.errors[0] ?? theirs.warnings[0]).message.split('\n')[0] : ' is refused'));
    } else if (!isRefused) {
      right.push(one);
    }
  });
  assert.deepEqual(wrong, []);
  // All that is a value of a fact, in one plan, as a page has it.
  const kept = right.filter(one => {
    const value = parse(HEAD + '  f: ' + one + '\n', { version: '1.2' }).facts.f;
    return ['string', 'boolean'].includes(typeof value) || Number.isFinite(value);
  });
  const file = join(made, 'values.yaml');
  writeFileSync(file, HEAD + kept.map((one, i) => `  f${i}: ${one.replaceAll('&q', '&q' + i)}\n`).join(''));
  const page = written('values.html', 'page', file);
  const ours = JSON.parse(/<script type="application\/json" id="plan">([^]*?)<\/script>/.exec(page)[1]).facts;
  const theirs = parse(HEAD + kept.map((one, i) => `  f${i}: ${one.replaceAll('&q', '&q' + i)}\n`).join(''), { version: '1.2' }).facts;
  kept.forEach((one, i) => assert.ok(ours['f' + i] === theirs['f' + i], JSON.stringify([one, ours['f' + i], theirs['f' + i]])));
  assert.ok(all.length >= 300 && kept.length > 120, `${all.length} cases, ${right.length} are YAML, ${kept.length} values`);
});
