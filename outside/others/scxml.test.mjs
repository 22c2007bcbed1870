// The state machine, in an interpreter of today, goes where the walk goes.
import assert from 'node:assert/strict';
import test from 'node:test';
import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'yaml';
import { examples, here, made, random, status, written, yonder } from './yonder.mjs';

const scxml = createRequire(import.meta.url)('@scion-scxml/scxml');
const STEPS = Number(process.env.YONDER_STEPS ?? 250);

const model = path => new Promise((done, failed) => scxml.pathToModel(path, (wrong, read) =>
  wrong ? failed(wrong) : read.prepare((wrong, prepared) => wrong ? failed(wrong) : done(prepared))));

/** The value of a fact in the machine: of a list, the ids of its entries. */
const data = value => Array.isArray(value) ? value.map(entry => entry.id) : value;

class Machine {
  constructor(prepared) {
    this.chart = new scxml.core.Statechart(prepared);
    this.chart.start();
  }
  send(name, data) { this.chart.gen({ name, data }); }
  get states() { return this.chart.getConfiguration(); }
  get branch() { return this.states.find(state => state.startsWith('at.')).slice(3); }
  get at() { return this.states.find(state => state.startsWith(this.branch + '.')).slice(this.branch.length + 1); }
  /** The screen at the end of the trail, and the one that is shown for it. */
  get top() { return this.at.split('.')[0]; }
  get shown() {
    return this.at.endsWith('.as-nothing') ? 'nothing' : this.at.includes('.as.') ? this.at.split('.as.')[1] : this.top;
  }
}

/** Steps that the machine knows too, drawn while it goes, and what it shows after each. */
const walked = (machine, { items, screens, told }, seed) => {
  const any = random(seed), of = all => all[Math.floor(any() * all.length)];
  const steps = [], shown = [], refused = [], start = [machine.branch, machine.top].join();
  const above = id => screens[id]?.under;
  const isBelowGuarded = state => {
    let screen = state.replace(/^(branch\.[^.]+|start)\./, '').split('.')[0];
    while ((screen = above(screen))) if (screens[screen].needs) return true;
    return false;
  };
  while (steps.length < STEPS) {
    const kind = any();
    // The entries of a list share a branch here.
    const isShared = items.some(item => 'branch.' + item.event === machine.branch && item.data);
    const below = isShared ? [] : Object.keys(screens).filter(id => above(id) === machine.top);
    if (kind < 0.35) {
      const item = of(items);
      const before = machine.branch + machine.at;
      machine.send('choose.' + item.event, item.data);
      if (before === machine.branch + machine.at) {
        // Refused, or a signal, or chosen again. The walk stops where it refuses.
        if (item.asks && machine.branch !== 'branch.' + item.event) refused.push([...steps, 'choose:' + item.id]);
        continue;
      }
      steps.push('choose:' + item.id);
    } else if (kind < 0.6 && below.length) {
      const child = of(below);
      const before = machine.at, step = 'open:' + child + screens[child].query;
      machine.send('open.' + child);
      if (before === machine.at) {
        refused.push([...steps, step]);
        continue;
      }
      steps.push(step);
    } else if (kind < 0.8) {
      if ([machine.branch, machine.top].join() === start) continue;
      machine.send('back');
      steps.push('back');
    } else {
      // The machine forgets no screen below another one; the walk does.
      if (!told.length || machine.states.some(isBelowGuarded)) continue;
      const [fact, value] = of(told);
      machine.send('tell.' + fact, data(value));
      steps.push('tell:' + fact + '=' + (Array.isArray(value)
        ? value.map(entry => 'id=' + entry.id + '&label=' + entry.label).join(';') : value));
    }
    shown.push(machine.shown);
  }
  return [steps, shown, refused];
};

/** What can be done in a plan: its items as the machine knows them, its screens with what their addresses need, facts to tell. */
const deeds = (plan, machine) => {
  const facts = plan.facts ?? {};
  const value = id => facts[id] !== null && typeof facts[id] === 'object' && !Array.isArray(facts[id]) ? facts[id].value : facts[id];
  const entries = id => value(id).map(entry => typeof entry === 'string' ? { id: entry.toLowerCase().replaceAll(' ', '-'), label: entry } : entry);
  const items = [...new Map([...machine.matchAll(/event="choose\.([^"]+)"(?: cond="([^"]*)")?/g)].map(found => [found[1], found[2]]))]
    .flatMap(([id, condition]) => {
      const list = /fact_(\w+)\.indexOf\(_event\.data\)/.exec(condition ?? '');
      return list
        ? entries(list[1].replaceAll('_', '-')).map(entry => ({ id: id + '-' + entry.id, event: id, data: entry.id }))
        : [{ id, event: id, asks: new RegExp(`event="choose\\.${id}" cond="[^"]*fact_[^>]* target=`).test(machine) }];
    });
  const screens = Object.fromEntries(Object.entries(plan.screens).map(([id, screen]) => {
    const names = [...(screen?.path ?? '').matchAll(/{([^}]+)}/g)].map(found => found[1]);
    return [id, { ...(typeof screen === 'object' ? screen : {}), query: names.length ? '?' + names.map(name => name + '=41').join('&') : '' }];
  }));
  const told = Object.keys(facts).flatMap(id => {
    const now = value(id);
    const others = typeof now === 'boolean' ? [true, false]
      : typeof now === 'number' ? [0, 1, 2, 4, 9]
      : Array.isArray(now) ? [entries(id), [...entries(id), { id: 'one-more', label: 'One more' }]]
      : ['', 'a', 'none'];
    return others.map(other => [id, other]);
  });
  return { items, screens, told };
};

// The walk over the items of the conformance vectors: what is chosen, and back.
for (const [name, path] of examples) {
  test(`${name}, vectors`, async () => {
    const plan = parse(readFileSync(path, 'utf8'));
    const { walks } = JSON.parse(written(name + '.vectors.json', 'export', path));
    const text = written(name + '.vectors.scxml', 'export', path);
    const machine = new Machine(await model(join(made, name + '.vectors.scxml')));
    const { items } = deeds(plan, text);
    let count = 0;
    for (const { step, shown, effects } of walks.items.slice(1)) {
      const item = items.find(one => 'choose:' + one.id === step);
      if (step === 'back' ? effects.includes('leave') : !item || effects.includes('refused')) continue;
      step === 'back' ? machine.send('back') : machine.send('choose.' + item.event, item.data);
      if (machine.shown !== 'nothing') {
        assert.equal(machine.shown, shown.split('?')[0], `step ${++count}: ${step}`);
      }
    }
    assert.ok(count >= 6, `${count} steps`);
  });
}

for (const [name, path] of [['quay', join(here, 'quay.yaml')], ...examples]) {
  for (const seed of name === 'quay' ? [1, 2, 3] : [1]) {
    test(`${name}, walk ${seed}`, async () => {
      const plan = parse(readFileSync(path, 'utf8'));
      const text = written(name + '.scxml', 'export', path);
      const machine = new Machine(await model(join(made, name + '.scxml')));
      const [steps, shown, refused] = walked(machine, deeds(plan, text), seed);
      const walk = JSON.parse(yonder('walk', path, ...steps, '--json')).slice(1);
      walk.forEach((step, i) => {
        if (shown[i] !== 'nothing') {
          assert.equal(step.screen, shown[i], `after ${steps.slice(Math.max(0, i - 12), i + 1).join(' ')}`);
        }
      });
      for (const way of refused.slice(0, 2)) {
        assert.equal(status('walk', path, ...way).status, 2, way.slice(-12).join(' '));
      }
      assert.ok(new Set(shown).size > 3, 'it goes about');
    });
  }
}
