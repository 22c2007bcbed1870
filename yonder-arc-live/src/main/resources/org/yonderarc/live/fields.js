// Fields for the keys of things: each shows what it means, what holds without it, and writes the key alone.
import {el, icon, later, tool} from './dom.js';
import * as model from './model.js';
import {pickIcon} from './icons.js';
import {newScreen} from './outline.js';
import {upload} from './server.js';
import {say} from './words.js';

let count = 0;

/**
 * A field. `spec` says which: thing, key (with slashes), label, and the node of the schema; `value` is what the plan says, undefined
 * for nothing.
 */
export function field(page, spec, value) {
  const {thing, key, node} = spec;
  const put = given => page.act({do: 'put', thing, key, ...(given === undefined || given === '' ? {} : {value: given})}, {anyway: spec.unasked});
  const widget = spec.widget ?? kindOf(node, key);
  return widgets[widget](page, {...spec, put, label: spec.label ?? asLabel(key)}, value);
}

/** Keys that read as half a sentence only beside their neighbours in a plan. */
const LABELS = {when: say('key-when'), enabled: say('key-enabled'), needs: say('key-needs'), otherwise: say('key-otherwise')};

const asLabel = key => {
  const name = key.split('/').pop();
  if (LABELS[name]) { return LABELS[name]; }
  const last = name.replaceAll('-', ' ');
  return last.charAt(0).toUpperCase() + last.slice(1);
};

function kindOf(node, key) {
  const last = key.split('/').pop();
  if (isPaint(node)) { return 'paint'; }
  if (sized(node)) { return 'number'; }
  if (last === 'icon' || last === 'selected-icon') { return 'icon'; }
  if (last === 'show-on' || last === 'hide-on') { return 'json'; }
  if (last === 'badge') { return 'badge'; }
  if (last === 'when' || last === 'enabled' || last === 'needs') { return 'condition'; }
  if (last === 'under' || last === 'otherwise' || last === 'start' || last === 'within') { return 'screen'; }
  if (last === 'fact' || last === 'scheme-fact') { return 'fact'; }
  if (last === 'style') { return 'style'; }
  if (last === 'action' || last === 'search' || last === 'default-item') { return 'item'; }
  if (last === 'transition') { return 'transition'; }
  if (listed(node)) { return 'list'; }
  if (node.enum) { return 'choice'; }
  if (last === 'screen') { return 'text'; }
  if (last === 'picture' || last === 'logo' || last === 'small-logo') { return 'picture'; }
  if (node.type === 'boolean') { return 'flag'; }
  if (node.type === 'number' || node.type === 'integer') { return 'number'; }
  if (node.anyOf?.some(any => any.type === 'string') && node.anyOf.some(any => any.propertyNames)) { return 'words'; }
  if (node.type === 'string') { return 'text'; }
  return model.keys(node).length ? 'group' : 'json';
}

const isPaint = node => node.pattern?.includes('#[0-9a-fA-F]') || node.anyOf?.some(one => one.$ref?.endsWith('/paint-by-scheme'));

/** The number that a token may stand for. */
const sized = node => node.anyOf?.find(one => one.type === 'number' && node.anyOf.some(other => other.pattern?.startsWith('^\\{')));

/** The part of a node that is a list of names. */
const listed = node => [node, ...(node.anyOf ?? [])].find(one => one.type === 'array' && one.items?.type === 'string');

/** What may stand in a list, as [name, title]; nothing where it is for people to write. */
function members(key) {
  const all = word => model.allLines().filter(one => one.thing.startsWith(word + ':')).map(one => [one.thing.slice(word.length + 1), model.title(one.thing)]);
  switch (key.split('/').pop()) {
    case 'actions': case 'footer': case 'order': return all('item');
    case 'required': return [...screens(), ...model.allLines().map(one => one.value.signal).filter(Boolean).map(id => [id, id])];
    case 'except': case 'on-screens': return screens();
    case 'bars': return model.bars().map(bar => [model.barId(bar), model.title('bar:' + model.barId(bar))]);
    default: return undefined;
  }
}

/** The frame around what a person handles. */
function frame(spec, value, control, ...more) {
  const id = control.id || (control.id = 'field-' + (++count));
  const meaning = [spec.node?.description, usual(spec.node)].filter(Boolean).join(' ');
  const says = meaning && el('p', {className: 'meaning', id: id + '-meaning'}, meaning);
  if (says) { control.setAttribute('aria-describedby', says.id); }
  const isFlag = control.type === 'checkbox';
  const head = el('div', {className: 'head'},
    el('label', {htmlFor: id}, spec.label),
    value !== undefined && !spec.required && !isFlag
      ? el('button', {type: 'button', className: 'reset', 'aria-label': say('reset-of', spec.label), onclick: () => spec.put(undefined)}, say('reset'))
      : '');
  const made = el('div', {className: 'field' + (isFlag ? ' flag' : '')}, head, control, ...more, says ?? '');
  made.dataset.key = spec.key;
  return made;
}

/** The groups that people have opened. */
const opened = new Set();

const usual = node => node?.default === undefined || node.description?.includes('Default:') ? '' : say('default-is', node.default);

/** A line of text that is written when it is left or when Enter is pressed. */
function line(value, put, how = {}) {
  const input = el('input', {type: 'text', defaultValue: value ?? '', autocomplete: 'off', spellcheck: false, ...how});
  const write = () => {
    if (input.value !== (value ?? '')) { input.defaultValue = input.value; put(input.value); }
  };
  input.addEventListener('change', write);
  input.addEventListener('keydown', event => {
    if (event.key === 'Escape') { input.value = value ?? ''; }
  });
  return input;
}

function select(value, options, put, how = {}) {
  const made = el('select', {onchange: () => put(made.value === '' ? undefined : made.value), ...how},
    options.map(([id, text]) => el('option', {value: id}, text)));
  if (value !== undefined && !options.some(([id]) => id === value)) {
    made.append(el('option', {value}, value));
  }
  made.value = value ?? '';
  return made;
}

const screens = () => Object.keys(model.whole().screens ?? {}).map(id => [id, model.title('screen:' + id)]);

const widgets = {
  text(page, spec, value) {
    return frame(spec, value, line(value, spec.put, {placeholder: spec.placeholder ?? ''}));
  },

  /** A picture file, by its name or brought along. */
  picture(page, spec, value) {
    if (typeof value === 'object') { return widgets.json(page, spec, value); }
    const told = el('p', {className: 'states no', role: 'status'});
    const bring = el('input', {type: 'file', accept: '.svg,.png,.jpg,.jpeg,.gif', 'aria-label': say('upload-for', spec.label), onchange: async () => {
      const answer = await upload(bring.files[0], 'picture').catch(failed => ({why: String(failed.message ?? failed)}));
      if (answer.ok) { spec.put(answer.name); } else { told.textContent = answer.why; }
    }});
    return frame(spec, value, line(value, spec.put, {placeholder: say('none')}), bring, told);
  },

  words(page, spec, value) {
    const languages = model.languages();
    if (languages.length < 2) {
      return frame(spec, value, line(model.words(value), spec.put, {placeholder: spec.placeholder ?? ''}));
    }
    const language = page.language || languages[0];
    const isMap = typeof value === 'object';
    const own = isMap ? value[language] ?? '' : language === languages[0] ? value ?? '' : '';
    const write = text => {
      if (language === languages[0] && !isMap) { return spec.put(text); }
      // What it would say without that, in the other languages, is written with it.
      const at = value === undefined && language !== languages[0] && spec.inherited
        ? [{do: 'put', thing: spec.thing, key: spec.key, value: {...spec.inherited, [language]: text}}]
        : [{do: 'put', thing: spec.thing, key: `${spec.key}/${language}`, ...(text === '' ? {} : {value: text})}];
      return page.act(at);
    };
    const tongue = select(language, languages.map(tag => [tag, tag]), other => { page.language = other ?? ''; page.choose(page.chosen); },
      {'aria-label': say('language-of', spec.label)});
    tongue.style.width = '72px';
    const input = line(own, write, {placeholder: model.words(value, language) || (spec.placeholder ?? ''), lang: language});
    input.id = 'field-' + (++count);
    return frame(spec, value, input, tongue);
  },

  number(page, spec, value) {
    spec.node = {...spec.node, ...sized(spec.node)};
    const {minimum, maximum, type} = spec.node;
    if (typeof value === 'string') { return widgets.text(page, spec, value); }
    const input = el('input', {type: 'number', defaultValue: value ?? '', min: minimum, max: maximum, step: type === 'integer' ? 1 : 'any',
      placeholder: spec.node.default ?? ''});
    input.addEventListener('change', () => {
      input.defaultValue = input.value;
      spec.put(input.value === '' ? undefined : Number(input.value));
    });
    const made = frame(spec, value, input);
    scrub(made.querySelector('label'), input, spec);
    return made;
  },

  /** A fact of the plan. */
  fact(page, spec, value) {
    const facts = Object.keys(model.whole().facts ?? {}).map(id => [id, model.title('fact:' + id)]);
    return frame(spec, value, select(value, [...(spec.required ? [] : [['', say('none')]]), ...facts], spec.put));
  },

  flag(page, spec, value) {
    const input = el('input', {type: 'checkbox', checked: value ?? spec.node.default ?? false,
      onchange: () => spec.put(input.checked === (spec.node.default ?? false) ? undefined : input.checked)});
    return frame(spec, value, input);
  },

  choice(page, spec, value) {
    const options = spec.node.enum.map(one => [one, String(one)]);
    const none = spec.node.default === undefined ? [['', say('as-usual')]] : [];
    return frame(spec, value, select(value ?? spec.node.default, [...none, ...options],
      chosen => spec.put(chosen === spec.node.default ? undefined : chosen)));
  },

  screen(page, spec, value) {
    const fresh = '+';
    const put = chosen => chosen === fresh ? newScreen(page, id => spec.put(id), () => page.choose(page.chosen)) : spec.put(chosen);
    return frame(spec, value, select(value, [...(spec.required ? [] : [['', say('none')]]), ...screens(), [fresh, say('new-screen-more')]], put));
  },

  /** Several keys that belong together. */
  group(page, spec, value) {
    const inner = typeof value === 'object' && !Array.isArray(value) ? value : undefined;
    const nodes = model.keys(spec.node).filter((node, index, all) => all.findIndex(one => one.key === node.key) === index);
    const isShort = value !== undefined && inner === undefined;
    const made = el('details', {className: 'field group-of', open: opened.has(spec.thing + spec.key)},
      el('summary', {}, spec.label, value === undefined ? '' : ' ·', isShort ? ` ${value}` : ''),
      spec.node.description ? el('p', {className: 'meaning'}, spec.node.description) : '',
      value === undefined ? '' : el('button', {type: 'button', className: 'reset', onclick: () => spec.put(undefined)}, say('reset')),
      nodes.map(node => field(page, {page, thing: spec.thing, key: `${spec.key}/${node.key}`, node}, inner?.[node.key])));
    made.addEventListener('toggle', () => made.open ? opened.add(spec.thing + spec.key) : opened.delete(spec.thing + spec.key));
    made.dataset.key = spec.key;
    return made;
  },

  /** A colour: a role of the theme, one of its names, or a value. */
  paint(page, spec, value) {
    if (typeof value === 'object') { return widgets.schemes(page, spec, value); }
    const names = [...Object.keys(page.now.roles?.light ?? {}), ...Object.keys(model.whole().theme?.colours ?? {})];
    const words = el('datalist', {id: 'names-' + (++count)}, names.map(one => el('option', {value: one})));
    const swatch = el('input', {type: 'color', className: value === undefined ? 'none' : '', 'aria-label': say('by-eye', spec.label),
      value: /^#[0-9a-f]{6}/i.test(value ?? '') ? value.slice(0, 7) : page.now.roles?.[spec.scheme ?? 'light']?.[value]?.slice(0, 7) ?? '#808080',
      oninput: event => page.preview({do: 'put', thing: spec.thing, key: spec.key, value: event.target.value}),
      onchange: event => spec.put(event.target.value)});
    const input = line(value, spec.put, {placeholder: say('as-usual'), list: words.id});
    input.id = 'field-' + (++count);
    const row = el('div', {className: 'row'}, input, swatch);
    row.id = input.id + '-row';
    const made = frame(spec, value, input, words);
    input.replaceWith(row);
    row.prepend(input);
    if (spec.node.anyOf && value !== undefined) {
      row.append(el('button', {type: 'button', className: 'reset', 'aria-label': say('another-in-dark', spec.label),
        onclick: () => spec.put({light: value, dark: value})}, say('dark')));
    }
    return made;
  },

  /** A colour of its own in each scheme. */
  schemes(page, spec, value) {
    const inner = key => ({...spec, key: `${spec.key}/${key}`, label: say('label-in-scheme', spec.label, say('scheme-' + key)), node: {...spec.node, anyOf: undefined, description: undefined, default: undefined},
      required: true, scheme: key, put: given => page.act({do: 'put', thing: spec.thing, key: `${spec.key}/${key}`, value: given})});
    const made = el('div', {className: 'field'},
      ...['light', 'dark'].map(key => widgets.paint(page, inner(key), value[key])),
      el('button', {type: 'button', className: 'reset', 'aria-label': say('same-in-both-of', spec.label), onclick: () => spec.put(value.light ?? value.dark)}, say('same-in-both')));
    made.dataset.key = spec.key;
    return made;
  },

  /** Names one after another: moved up, taken out, and more of them added. */
  list(page, spec, value) {
    if (typeof value === 'object' && !Array.isArray(value)) { return widgets.json(page, spec, value); }
    const words = spec.node.anyOf?.find(one => one.enum)?.enum ?? [];
    const now = Array.isArray(value) ? value : [];
    const known = members(spec.key);
    const called = name => known?.find(([id]) => id === name)?.[1] ?? name;
    const put = list => spec.put(list.length ? list : undefined);
    const rows = el('ul', {className: 'rows'}, now.map((name, index) => el('li', {},
      el('span', {className: 'name'}, called(name)),
      tool('arrow-up', say('move-up-of', called(name)), () => put(now.map((one, at) => at === index - 1 ? name : at === index ? now[index - 1] : one)), {disabled: index === 0}),
      tool('trash', say('remove-of', called(name)), () => put(now.filter((one, at) => at !== index))))));
    const add = name => {
      if (words.includes(name)) { spec.put(name === spec.node.default ? undefined : name); }
      else if (name && !now.includes(name)) { put([...now, name]); }
    };
    const more = known
      ? select(typeof value === 'string' ? value : undefined,
        [['', now.length ? say('add-more') : words.length ? spec.node.default : say('none')], ...words.filter(word => word !== spec.node.default || now.length).map(word => [word, word]),
          ...known.filter(([id]) => !now.includes(id))], add)
      : line('', add, {placeholder: now.length ? say('add') : say('none')});
    return frame(spec, value, more, rows);
  },

  item(page, spec, value) {
    const items = model.allLines().filter(one => one.thing.startsWith('item:')).map(one => [one.thing.slice(5), model.title(one.thing)]);
    return frame(spec, value, select(value, [['', say('none')], ...items], spec.put));
  },

  style(page, spec, value) {
    if (typeof value === 'object') { return widgets.group(page, spec, value); }
    const names = Object.keys(model.whole().styles ?? {}).map(id => [id, id]);
    return frame(spec, value, select(value, [['', say('as-usual')], ...names], spec.put));
  },

  transition(page, spec, value) {
    const kind = typeof value === 'object' ? value.kind : value;
    const names = ['none', 'fade', 'push', 'cover', 'rise', 'grow', 'shared'].map(one => [one, one]);
    return frame(spec, value, select(kind, [['', say('as-plan-says')], ...names],
      chosen => typeof value === 'object' && chosen ? page.act({do: 'put', thing: spec.thing, key: spec.key + '/kind', value: chosen}) : spec.put(chosen)));
  },

  badge(page, spec, value) {
    const fact = typeof value === 'object' ? value.fact : value;
    const facts = Object.keys(model.whole().facts ?? {}).map(id => [id, id]);
    return frame(spec, value, select(fact, [['', say('none')], ...facts], spec.put));
  },

  icon(page, spec, value) {
    const name = value ?? spec.inherited ?? '';
    const button = el('button', {type: 'button', className: 'iconic',
      onclick: () => pickIcon(page, name, chosen => spec.put(chosen))},
      icon(name), icon(name, true), el('span', {}, name ? value ? name : say('from-screen', name) : say('choose-one')));
    return frame(spec, value, button);
  },

  condition(page, spec, value) {
    const facts = Object.keys(model.whole().facts ?? {});
    const words = el('datalist', {id: 'facts-' + (++count)});
    // What is offered completes the word that is being written, wherever in the text it stands.
    const offer = text => {
      const before = text.replace(/[a-z0-9-]*$/, '');
      words.replaceChildren(...facts.flatMap(fact => [fact, `not ${fact}`, `${fact} > 0`]).map(one => el('option', {value: before + one})));
    };
    offer(value ?? '');
    const states = el('p', {className: 'states', role: 'status'});
    const input = line(value, spec.put, {placeholder: say('always'), list: words.id});
    const look = later(150, async text => {
      const held = text && window.yonderApp ? window.yonderApp.holds(text) : '';
      states.textContent = {yes: say('true-now'), no: say('false-now'), '': ''}[held] ?? held;
      states.classList.toggle('no', held !== 'yes' && held !== '' && held !== 'no');
      if (text && text !== value && (held === 'yes' || held === 'no')) {
        // Whether it can ever hold is for the check to say.
        const answer = await page.attempt({do: 'put', thing: spec.thing, key: spec.key, value: text});
        const doubt = answer.findings?.find(one => one.at.endsWith('/' + spec.key));
        if (doubt && input.value === text) { states.textContent = doubt.message; states.classList.add('no'); }
      }
    });
    input.addEventListener('input', () => { offer(input.value); look(input.value); });
    look(value ?? '');
    return frame(spec, value, input, words, states);
  },

  json(page, spec, value) {
    const text = value === undefined ? '' : JSON.stringify(value, null, 1);
    const told = el('p', {className: 'states no', role: 'status'});
    const area = el('textarea', {defaultValue: text, spellcheck: false, placeholder: say('as-usual'), onchange: () => {
      if (area.value === text) { return; }
      area.defaultValue = area.value;
      try {
        spec.put(area.value.trim() === '' ? undefined : JSON.parse(area.value));
      } catch (noJson) {
        told.textContent = say('no-json', noJson.message);
      }
    }});
    return frame(spec, value, area, told);
  }
};

/** A number is also dragged, by its name: a px is a step. What it would be is shown in the app meanwhile. */
function scrub(label, input, spec) {
  label.classList.add('scrub');
  label.title = say('drag-to-change');
  let from;
  label.addEventListener('pointerdown', event => {
    const usual = Number(input.value || spec.node.default || spec.node.minimum || 0);
    from = {x: event.clientX, value: usual, moved: false};
    label.setPointerCapture(event.pointerId);
  });
  label.addEventListener('pointermove', event => {
    if (!from) { return; }
    const wide = (spec.node.maximum ?? 100) - (spec.node.minimum ?? 0);
    const step = wide <= 2 ? 0.01 : wide <= 20 && spec.node.type !== 'integer' ? 0.1 : wide <= 20 ? 0.1 : 1;
    const raw = from.value + Math.round(event.clientX - from.x) * step;
    const whole = spec.node.type === 'integer' ? Math.round(raw) : Math.round(raw * 100) / 100;
    const value = Math.max(spec.node.minimum ?? -1e9, Math.min(spec.node.maximum ?? 1e9, whole));
    if (String(value) !== input.value) {
      from.moved = true;
      input.value = value;
      spec.page.preview({do: 'put', thing: spec.thing, key: spec.key, value});
    }
  });
  const end = () => {
    if (from?.moved) { spec.put(Number(input.value)); }
    from = undefined;
  };
  label.addEventListener('pointerup', end);
  label.addEventListener('pointercancel', end);
  label.addEventListener('click', event => { if (from?.moved) { event.preventDefault(); } });
}
