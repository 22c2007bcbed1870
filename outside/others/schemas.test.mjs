// The schemas compile in a validator's strict mode, and agree with the reader about the examples.
import assert from 'node:assert/strict';
import test from 'node:test';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ajv from 'ajv/dist/2020.js';
import { parse } from 'yaml';
import { examples, home, yonder } from './yonder.mjs';

const Validator = ajv.default ?? ajv;
const compiled = schema => new Validator({ strict: true, allErrors: true, logger: { log() {}, warn(text) { throw new Error(text); }, error(text) { throw new Error(text); } } }).compile(JSON.parse(schema));

test('plans', () => {
  const valid = compiled(yonder('export', '--schema', 'plan'));
  for (const [name, path] of examples) {
    const plan = parse(readFileSync(path, 'utf8'));
    assert.ok(valid(plan), name + ': ' + JSON.stringify(valid.errors).slice(0, 400));
    plan.screens[Object.keys(plan.screens)[0]] = { titel: 'Misspelt' };
    assert.ok(!valid(plan), name);
  }
});

test('journeys', () => {
  const valid = compiled(yonder('export', '--schema', 'journeys'));
  const journeys = parse(readFileSync(examples[0][1].replace('.yaml', '.journeys.yaml'), 'utf8'));
  assert.ok(valid(journeys), JSON.stringify(valid.errors));
  assert.ok(!valid({ ...journeys, jorneys: {} }));
});

test('what the command says', () => {
  compiled(readFileSync(join(home, 'docs/output.schema.json'), 'utf8'));
});
