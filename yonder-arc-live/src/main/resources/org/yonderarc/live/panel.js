// What is chosen, and what can be changed of it: what is changed most comes first, the rest stands behind "More".
import {el, tool, slug, sheet, closeSheet, asTitle} from './dom.js';
import * as model from './model.js';
import {field} from './fields.js';
import {looks, look} from './looks.js';
import {forms, kinds} from './forms.js';
import {motion} from './curve.js';
import {say} from './words.js';

/** The keys that come first, by kind of thing. */
const FIRST = {
  item: ['label', 'icon', 'badge', 'when'],
  screen: ['title', 'icon', 'path', 'under', 'needs', 'otherwise', 'transition'],
  app: ['name', 'start', 'back'],
  section: ['section', 'collapsible', 'icon'],
  row: ['title', 'note', 'value', 'screen', 'when'],
  fact: ['value', 'saved'],
  bar: []
};

/** The rest of the keys; groups of keys remember by themselves whether they are open. */
const MORE = ':scope > details:not(.group-of)';

/** Two keys that make sense together only: nobody is asked between the first and the second. */
export const GUARD = ['needs', 'otherwise'];
const unasked = Object.fromEntries(GUARD.map(key => [key, {unasked: true}]));

/** What a row says, in the order of its line. */
const ROW = ['title', 'note', 'value', 'screen', 'when'];

/** Keys that have a place of their own in the panel. */
const APART = {
  item: ['id', 'screen', 'web', 'document', 'signal', 'sets', 'navigates', 'open-in', 'show-on', 'hide-on'],
  screen: ['wireframe'], section: ['items', 'id'], bar: ['id', 'menu', 'form', 'forms', 'show-on', 'hide-on'], fact: [], app: [], row: [], style: []
};

export class Panel {
  constructor(root, page) {
    this.root = root;
    this.page = page;
    page.preview = operation => this.preview(operation);
    page.remove = thing => ['app', 'theme', 'motion'].includes(thing) ? undefined : this.remove(thing, model.allLines().find(line => line.thing === thing)?.list);
  }

  show(thing, how = {}) {
    const active = document.activeElement;
    const isWriting = this.root.contains(active) && /text|number|textarea/.test(active.type) && active.value !== active.defaultValue;
    if (isWriting && this.thing === thing && !how.anew) {
      // What somebody is in the middle of writing stays, whatever comes from elsewhere; the rest is shown when they are done.
      if (!this.isStale) { active.addEventListener('blur', () => setTimeout(() => this.isStale && this.show(this.thing, {anew: true})), {once: true}); }
      this.isStale = true;
      return;
    }
    this.isStale = false;
    this.base = this.page.now.digest;
    const key = this.root.contains(active) ? active.closest('.field')?.dataset.key : undefined;
    const open = this.thing === thing && this.root.querySelector(MORE)?.open;
    const scrolled = this.thing === thing ? this.root.scrollTop : 0;
    this.thing = thing;
    const [word] = model.named(thing);
    const value = model.valueOf(thing);
    if (value === undefined) { this.root.replaceChildren(); return; }
    const body = (this[word] ?? this.other).call(this, thing, value, word);
    this.root.replaceChildren(...[this.head(thing, word), ...[body].flat()].filter(Boolean));
    if (open && this.root.querySelector(MORE)) { this.root.querySelector(MORE).open = true; }
    this.root.scrollTop = scrolled;
    if (key) {
      const again = this.root.querySelector(`[data-key="${CSS.escape(key)}"]`)?.querySelector('input, select, textarea, button.iconic');
      again?.focus({preventScroll: true});
      if (again?.type === 'text') { again.setSelectionRange(again.value.length, again.value.length); }
    }
  }

  head(thing, word) {
    const buttons = [];
    const list = model.allLines().find(line => line.thing === thing)?.list;
    if (list) {
      buttons.push(tool('arrow-up', say('move-up'), () => this.page.moveBy(thing, -1)), tool('arrow-down', say('move-down'), () => this.page.moveBy(thing, 1)));
    }
    if (['item', 'screen', 'bar', 'style', 'fact', 'row'].includes(word)) {
      buttons.push(tool('copy', say('duplicate'), () => this.page.act({do: 'copy', thing}, {anyway: true})));
    }
    if (!['app', 'theme', 'motion'].includes(word)) {
      const isSection = word === 'section';
      buttons.push(tool(isSection ? 'x' : 'trash', isSection ? say('remove-section') : say('remove-with'),
        () => isSection ? this.page.act({do: 'unwrap', thing}, {then: list}) : this.remove(thing, list)));
    }
    // On a phone there is no outline.
    const choice = el('select', {className: 'narrow', 'aria-label': say('what-to-edit'), onchange: () => this.page.choose(choice.value)},
      this.page.things().map(([id, text]) => el('option', {value: id}, text)));
    choice.value = thing;
    return el('div', {}, choice,
      el('p', {className: 'path'}, this.path(thing, word)),
      el('h2', {}, model.title(thing, this.page.language) || say('no-name')),
      el('div', {className: 'buttons'}, buttons));
  }

  /** Removes a thing; what goes with it is told before. */
  async remove(thing, list) {
    // Pressed twice, it is asked once.
    if (this.isRemoving === thing) { return; }
    this.isRemoving = thing;
    const answer = await this.page.attempt({do: 'drop', thing}).finally(() => { this.isRemoving = undefined; });
    const others = (answer.differences ?? []).slice(1);
    const go = () => this.page.act({do: 'drop', thing}, {then: list ?? 'app', anyway: true});
    if (answer.ok && (others.length || answer.findings.length)) {
      const body = sheet(say('remove-question', model.title(thing)), 'small');
      body.append(
        others.length ? el('p', {}, say('changes-with-it')) : '',
        el('ul', {className: 'changes'}, others.map(one => el('li', {}, el('b', {}, one.what), one.text))),
        el('ul', {className: 'findings'}, answer.findings.map(one => el('li', {className: one.severity}, one.message))),
        el('div', {className: 'ask'},
          el('button', {type: 'button', className: 'push', onclick: () => { closeSheet(); go(); }}, say('remove')),
          el('button', {type: 'button', className: 'push', autofocus: true, onclick: closeSheet}, say('leave-it'))));
      return;
    }
    go();
  }

  /** What it is, and what it stands in. */
  path(thing, word) {
    const out = [el('span', {}, model.noun(word))];
    const go = (other, text) => out.push(say('path-in'), el('button', {type: 'button', onclick: () => this.page.choose(other)}, text));
    if (word === 'item' || word === 'section') {
      const list = model.allLines().find(line => line.thing === thing)?.list ?? '';
      if (list.startsWith('section:')) { go(list, model.title(list)); }
      const menu = list.replace(/^section:|^menu:/, '').split('/')[0];
      const bar = model.bars().find(one => one.menu === menu);
      if (bar) { go('bar:' + model.barId(bar), say('path-bar', model.barId(bar))); }
      const target = (model.valueOf(thing)?.screen ?? '').split('?')[0];
      if (target) { out.push(say('path-to'), el('button', {type: 'button', onclick: () => this.page.choose('screen:' + target)}, model.title('screen:' + target))); }
    }
    if (word === 'row') {
      const screen = thing.slice(4, thing.lastIndexOf('/'));
      go('screen:' + screen, model.title('screen:' + screen));
    }
    return out.flatMap(one => [one, ' ']);
  }

  fields(thing, value, of, names, extra = {}) {
    return names.map(key => {
      const node = model.shape(of, key);
      return field(this.page, {page: this.page, thing, key, node, ...extra[key]}, value?.[key]);
    });
  }

  more(thing, value, of, word) {
    const taken = [...(FIRST[word] ?? []), ...(APART[word] ?? [])];
    const rest = model.keys(of).map(one => one.key).filter((key, index, all) => !taken.includes(key) && all.indexOf(key) === index);
    return rest.length ? el('details', {}, el('summary', {}, say('more')), this.fields(thing, value, of, rest)) : '';
  }

  /** The id, which everything that refers to it follows. */
  renaming(thing) {
    const [word, id] = model.named(thing);
    const rename = operation => {
      const to = operation.value ?? id;
      const title = model.title(thing);
      // People rename an id, not what the app says: a title that followed from the id is written then.
      const keeps = word === 'screen' && model.valueOf(thing).title === undefined && title !== asTitle(to);
      const operations = [{do: 'rename', thing, to}, ...(keeps ? [{do: 'put', thing: `screen:${to}`, key: 'title', value: title}] : [])];
      return this.page.act(operations, {then: `${word}:${to}`});
    };
    return field({...this.page, act: rename},
      {thing, key: 'id', required: true, node: {type: 'string', description: say('id-meaning')}, label: say('id'), widget: 'text'}, id);
  }

  item(thing, value) {
    const screen = (value.screen ?? '').split('?')[0];
    const inherited = model.title('screen:' + screen, this.page.language);
    return [
      this.fields(thing, value, 'item', ['label', 'icon'], {
        label: {placeholder: inherited, inherited: model.inEach(model.valueOf('screen:' + screen)?.title ?? model.title('screen:' + screen))}, icon: {inherited: model.valueOf('screen:' + screen)?.icon}}),
      this.target(thing, value),
      this.fields(thing, value, 'item', ['badge']),
      el('h3', {}, say('shows-on')),
      kinds(this.page, thing, value),
      this.fields(thing, value, 'item', ['when']),
      this.renaming(thing),
      this.more(thing, value, 'item', 'item')
    ].flat();
  }

  target(thing, value) {
    const kind = ['screen', 'web', 'document', 'signal', 'sets'].find(key => value[key] !== undefined) ?? 'screen';
    const put = (to, text) => this.page.act({do: 'target', thing, kind: to, value: text});
    const fake = {...this.page, act: operation => put(kind, operation.value)};
    const single = Object.entries(model.whole().facts ?? {}).map(([id, fact]) => [id, fact?.value ?? fact]).filter(([, now]) => !Array.isArray(now));
    const chooser = el('select', {'aria-label': say('kind-of-target'), onchange: () => {
      if (chooser.value === 'sets') {
        const [fact, now] = single.find(([, any]) => typeof any === 'boolean') ?? single[0];
        this.page.act({do: 'target', thing, kind: 'sets', value: {fact, ...typeof now === 'boolean' ? {} : {value: now}}});
        return;
      }
      const texts = {web: 'https://example.org/', document: 'guide.pdf', signal: slug(model.named(thing)[1])};
      const start = Object.keys(model.whole().screens ?? {})[0];
      put(chooser.value, chooser.value === 'screen' ? start : texts[chooser.value]);
    }}, [['screen', say('to-screen')], ['web', say('to-web')], ['document', say('to-document')], ['signal', say('to-signal')],
      ...single.length ? [['sets', say('to-fact')]] : []]
      .map(([id, text]) => el('option', {value: id}, text)));
    chooser.value = kind;
    if (kind === 'sets') { return this.told(thing, value, chooser); }
    const made = kind === 'screen'
      ? field(fake, {thing, key: 'screen', required: true, widget: value.screen?.includes('?') ? 'text' : 'screen', label: say('leads-to'), node: model.shape('item', 'screen')}, value.screen)
      : field(fake, {thing, key: kind, required: true, widget: 'text', label: say('leads-to'), node: model.shape('item', kind)}, value[kind]);
    made.querySelector('.head').append(chooser);
    chooser.style.width = '150px';
    return made;
  }

  /** The fact that an item sets, and to what. */
  told(thing, value, chooser) {
    const told = typeof value.sets === 'string' ? {fact: value.sets} : value.sets;
    const kind = fact => { const known = model.whole().facts?.[fact]; return typeof (known?.value ?? known); };
    const set = (fact, text) => {
      const given = {number: Number(text), boolean: text === 'true'}[kind(fact)] ?? text;
      const isSaid = text !== '' || kind(fact) === 'string';
      this.page.act({do: 'target', thing, kind: 'sets', value: {fact, ...isSaid ? {value: given} : {}}});
    };
    const said = told.value === undefined ? '' : String(told.value);
    const part = (key, label, held, act) => field({...this.page, act: operation => act(operation.value ?? '')},
      {thing, key: 'sets/' + key, label, required: key === 'fact', widget: key === 'fact' ? 'fact' : 'text', node: model.shape('told', key)}, held);
    const parts = [
      part('fact', say('sets'), told.fact, fact => set(fact, kind(fact) === kind(told.fact) ? said : '')),
      part('value', say('sets-to'), said, text => set(told.fact, text))];
    parts[0].querySelector('.head').append(chooser);
    chooser.style.width = '150px';
    return el('div', {}, parts);
  }

  screen(thing, value) {
    const id = model.named(thing)[1];
    return [
      this.fields(thing, value, 'screen', ['title', 'icon'], {title: {placeholder: model.title(thing), inherited: model.inEach(model.title(thing))}}),
      this.renaming(thing),
      this.fields(thing, value, 'screen', ['path'], {path: {placeholder: '/' + id}}),
      this.fields(thing, value, 'screen', ['under', ...GUARD, 'transition'], unasked),
      el('h3', {}, say('sample-content')),
      this.content(thing, id),
      this.more(thing, value, 'screen', 'screen')
    ].flat();
  }

  content(thing, id) {
    const wireframe = model.wireframe(id);
    const rows = wireframe.rows ?? [];
    const names = rows.map((row, index) => model.title(`row:${id}/${index}`, this.page.language));
    return [
      field(this.page, {thing, key: 'wireframe/kind', node: model.shape('wireframe', 'kind'), label: say('kind'), widget: 'choice'}, wireframe.kind),
      el('ul', {className: 'rows'}, rows.map((row, index) => el('li', {},
        el('button', {type: 'button', className: 'push', onclick: () => this.page.choose(`row:${id}/${index}`)}, names[index] || say('empty')),
        tool('arrow-up', say('move-up-of', names[index]), () => this.page.act({do: 'move', thing: `row:${id}/${index}`, to: 'rows:' + id, before: `row:${id}/${index - 1}`}), {disabled: index === 0}),
        tool('trash', say('remove-of', names[index]), () => this.page.act({do: 'drop', thing: `row:${id}/${index}`}))))),
      el('div', {className: 'ask'}, el('button', {type: 'button', className: 'push', onclick: () => this.page.act(
        rows.length
          ? {do: 'add', to: 'rows:' + id, value: {title: say('new-row')}}
          : {do: 'put', thing, key: 'wireframe', value: {kind: wireframe.kind ?? 'list', rows: [{title: say('new-row')}]}})}, say('add-row'))),
      this.asLines(thing, id, wireframe, rows)];
  }

  /** All rows as text of the language that is shown, a line each. Only what differs is changed. */
  asLines(thing, id, wireframe, rows) {
    const language = this.page.language || model.languages()[0];
    const texts = rows.map((row, index) => model.valueOf(`row:${id}/${index}`));
    const write = row => ROW.map(key => model.words(row[key], language)).join(' | ').replace(/( \| )+$/, '');
    const before = texts.map(write).join('\n');
    const area = el('textarea', {id: 'rows-text', defaultValue: before, spellcheck: false, placeholder: say('rows-shape'), onchange: () => {
      area.defaultValue = area.value;
      const wanted = area.value.split('\n').filter(line => line.trim()).map(line =>
        Object.fromEntries(line.split(' | ').map((text, index) => [ROW[index], text.trim()]).filter(([key, text]) => key && text)));
      const operations = wanted.slice(0, rows.length).flatMap((row, index) => {
        const old = texts[index];
        return ROW.filter(key => model.words(old[key], language) !== (row[key] ?? '')).map(key =>
          ({do: 'put', thing: `row:${id}/${index}`, key, ...(row[key] || typeof old[key] === 'object' ? {value: key === 'screen' ? row[key] : model.worded(old[key], language, row[key] ?? '')} : {})}));
      });
      const more = wanted.slice(rows.length);
      if (more.length && !rows.length) {
        operations.push({do: 'put', thing, key: 'wireframe', value: {kind: wireframe.kind ?? 'list', rows: more}});
      } else {
        operations.push(...more.map(row => ({do: 'add', to: 'rows:' + id, value: row})));
      }
      for (let index = rows.length - 1; index >= wanted.length; index--) { operations.push({do: 'drop', thing: `row:${id}/${index}`}); }
      if (operations.length) { this.page.act(operations); }
    }});
    const made = el('div', {className: 'field'},
      el('label', {htmlFor: area.id}, say('rows-as-text')), area,
      el('p', {className: 'meaning'}, say('rows-meaning')));
    made.dataset.key = 'rows';
    return made;
  }

  row(thing, value) {
    return this.fields(thing, value, 'row', FIRST.row);
  }

  bar(thing, value) {
    return [
      forms(this.page, thing, value, (at, form, of) => model.keys(of).filter(node => node.key !== 'form').map(node =>
        field(this.page, {page: this.page, thing, key: at + node.key, node}, form[node.key]))),
      el('h3', {}, say('shows-on')),
      kinds(this.page, thing, value),
      this.renaming(thing),
      el('details', {}, el('summary', {}, say('more')), this.fields(thing, value, 'bar', ['within', 'default-item', 'order', 'transition', 'min-window-width', 'max-window-width', 'orientation', 'pointer']))
    ].flat();
  }

  section(thing, value) {
    return [this.fields(thing, value, 'section', FIRST.section), this.more(thing, value, 'section', 'section')].flat();
  }

  app(thing, value) {
    return [this.fields(thing, value, 'app', FIRST.app, {name: {required: true}, start: {required: true}}), this.more(thing, value, 'app', 'app')].flat();
  }

  menu(thing) {
    const lines = model.lines(model.named(thing)[1]).filter(line => line.list === thing);
    return [
      this.renaming(thing),
      el('h3', {}, say('items')),
      el('ul', {className: 'rows'}, lines.map(line => el('li', {},
        el('button', {type: 'button', className: 'push', onclick: () => this.page.choose(line.thing)}, model.title(line.thing, this.page.language)))))];
  }

  fact(thing, value) {
    const now = value.value;
    const node = typeof now === 'boolean' ? {type: 'boolean'} : typeof now === 'number' ? {type: 'number'} : typeof now === 'string' ? {type: 'string'} : {};
    const meaning = model.shape('fact', 'value').description;
    const whole = model.whole().facts[model.named(thing)[1]];
    const isShort = typeof whole !== 'object' || Array.isArray(whole);
    const spec = {thing: 'plan', key: isShort ? `facts/${model.named(thing)[1]}` : `facts/${model.named(thing)[1]}/value`, label: say('initial-value'), required: true, node: {...node, description: meaning}};
    // A fact always has a value: the empty one of its kind, where nothing is written.
    const empty = {number: 0, boolean: false, string: '', object: []};
    const kind = el('select', {'aria-label': say('kind-of-value'), onchange: () => this.page.act({do: 'put', thing: 'plan', key: spec.key, value: empty[kind.value]})},
      [['number', say('a-number')], ['boolean', say('true-or-false')], ['string', say('a-text')], ['object', say('a-list')]].map(([id, text]) => el('option', {value: id}, text)));
    kind.value = typeof now;
    return [
      el('div', {className: 'field'}, el('div', {className: 'head'}, el('span', {className: 'title'}, say('kind')), kind)),
      field({...this.page, act: operation => this.page.act({...operation, value: operation.value ?? empty[typeof now]})},
        {...spec, widget: typeof now === 'object' ? 'json' : undefined}, now),
      this.fields(thing, value, 'fact', ['saved']),
      this.renaming(thing)
    ].flat();
  }

  theme() {
    return looks(this.page);
  }

  motion() {
    return motion(this.page);
  }

  style(thing, value) {
    return [look(this.page, thing, value), this.renaming(thing), this.more(thing, value, 'style', 'style')].flat();
  }

  other(thing, value) {
    return el('p', {className: 'meaning'}, JSON.stringify(value));
  }

  /** Shows what would come of a change, without making it: as often as the server answers. */
  async preview(operation) {
    this.wanted = operation;
    if (this.isTrying) { return; }
    this.isTrying = true;
    try {
      while (this.wanted) {
        const next = this.wanted;
        this.wanted = undefined;
        const answer = await this.page.attempt(next);
        if (answer.ok && !this.wanted) {
          this.page.isTried = true;
          window.yonderApp?.use(JSON.stringify(answer.plan));
          this.page.tried?.(answer);
        }
      }
    } finally {
      this.isTrying = false;
    }
  }
}
