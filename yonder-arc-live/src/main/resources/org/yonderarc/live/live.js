// Puts the page together: the plan as it is on the server, what is chosen, and who shows it.
import {byId, el, sheet, closeSheet, unpressed} from './dom.js';
import * as server from './server.js';
import * as model from './model.js';
import {Outline} from './outline.js';
import {Canvas} from './canvas.js';
import {Panel} from './panel.js';
import {openMap} from './map.js';
import {handOver} from './handover.js';
import {say} from './words.js';

const page = {
  now: {},
  chosen: 'app',
  language: '',
  choose, act, tell, moveBy, device,
  things: () => outline.things(),
  attempt: operation => server.attempt([operation]),
  dark: () => byId('scheme').value === 'dark' || byId('scheme').value === '' && matchMedia('(prefers-color-scheme: dark)').matches
};

const outline = new Outline(byId('outline'), page);
const canvas = new Canvas(page);
const panel = new Panel(byId('panel'), page);
let shown = -1;
let wanted = 0;
let run = 0;
let fetching;
let showing;

/** Chooses a thing everywhere. A screen that is chosen in the outline is shown by the app. */
function choose(thing, how = {}) {
  const [word, id] = model.named(thing);
  if (word === 'screen' && how.from === 'outline' && thing !== page.chosen) { window.yonderApp?.go(id); }
  page.chosen = thing;
  outline.choose(thing, how);
  canvas.choose(thing);
  panel.show(thing);
}

/** Moves a line by one place; past the end of a section it goes on outside of it. */
function moveBy(thing, step) {
  const all = model.allLines();
  const line = all.find(one => one.thing === thing);
  if (!line) { return; }
  const siblings = all.filter(one => one.list === line.list);
  const at = siblings.indexOf(line);
  const next = siblings[at + step];
  const menu = line.list.startsWith('section:') ? 'menu:' + line.list.slice(8, line.list.lastIndexOf('/')) : line.list;
  let operation;
  if (next && next.thing.startsWith('section:') && thing.startsWith('item:')) {
    const inner = all.filter(one => one.list === next.thing);
    operation = {do: 'move', thing, to: next.thing, before: step > 0 ? inner[0]?.thing ?? '' : ''};
  } else if (next) {
    const behind = step > 0 ? siblings[at + 2]?.thing ?? '' : next.thing;
    operation = {do: 'move', thing, to: line.list, before: behind};
  } else if (menu !== line.list) {
    const outer = all.filter(one => one.list === menu);
    const section = outer.findIndex(one => one.thing === line.list);
    operation = {do: 'move', thing, to: menu, before: step > 0 ? outer[section + 1]?.thing ?? '' : line.list};
  }
  if (operation) { act(operation, {then: thing}); }
}

function tell(text, isBad = false) {
  const told = byId('told');
  told.textContent = text;
  told.title = text;
  told.classList.toggle('bad', isBad);
}

/** What the server is being asked for. */
const asked = new Set();

/** Asks the server for a change, and shows what came of it. Gives whether it was made. */
async function act(operations, how = {}) {
  // Pressed twice, it is meant once.
  const what = JSON.stringify(operations) + Boolean(how.anyway);
  if (asked.has(what)) { return false; }
  asked.add(what);
  try {
    return await asking(operations, how);
  } finally {
    asked.delete(what);
  }
}

async function asking(operations, how) {
  try {
    // What the panel shows is what is meant, also where somebody has written elsewhere meanwhile.
    const answer = await server.edit(Array.isArray(operations) ? operations : [operations], {anyway: how.anyway, base: panel.base});
    if (answer.ok) {
      await load(answer.revision);
      const doubt = how.anyway && answer.findings[0] ? `. ${answer.findings[0].message}` : '';
      tell((answer.said ? answer.said.charAt(0).toUpperCase() + answer.said.slice(1) : say('saved')) + doubt);
      if (how.then) { choose(how.then, {focus: byId('outline').contains(document.activeElement)}); }
      return true;
    }
    await load();
    if (answer.offers) {
      return await ask(operations, answer, how);
    }
    refuse(answer);
  } catch (failed) {
    tell(String(failed.message ?? failed), true);
  }
  restore();
  return false;
}

/** What was only tried goes again from the app and the panel. */
function restore() {
  if (page.isTried) {
    page.isTried = false;
    window.yonderApp?.use(JSON.stringify(page.now.plan));
  }
  panel.show(page.chosen, {anew: true});
}

/** Says why something was not done, where everybody sees it, for as long as it takes to read. */
function refuse(answer) {
  tell(answer.why, true);
  const note = byId('note');
  note.hidden = false;
  note.replaceChildren(
    el('p', {}, answer.why),
    el('ul', {className: 'findings'}, (answer.findings ?? []).slice(0, 4).map(one => finding(one))),
    el('button', {type: 'button', className: 'push', onclick: () => { note.hidden = true; }}, say('close')));
}

/** Where only a warning would come of it, people may want it all the same. */
async function ask(operations, answer, how) {
  const isWanted = await agreed(answer.why, say('do-anyway'), answer.findings.map(one => finding(one)));
  if (isWanted) { return act(operations, {...how, anyway: true}); }
  restore();
  return false;
}

/** Asks before something is done; gives whether it is wanted. */
function agreed(question, yes, list = []) {
  return new Promise(done => {
    const body = sheet(question, 'small');
    const close = isWanted => { byId('sheet').onclose = null; closeSheet(); done(isWanted); };
    byId('sheet').onclose = () => done(false);
    body.append(
      el('ul', {className: 'findings'}, list),
      el('div', {className: 'ask'},
        el('button', {type: 'button', className: 'push', onclick: () => close(true)}, yes),
        el('button', {type: 'button', className: 'push', autofocus: true, onclick: () => close(false)}, say('leave-as-was'))));
  });
}

function finding(one) {
  const thing = thingAt(one.at);
  return el('li', {className: one.severity},
    el('strong', {}, say('severity-' + one.severity)), ' ', one.message,
    one.text && el('code', {}, `${one.line} | ${one.text}`),
    el('span', {className: 'remedy'}, one.remedy),
    thing && el('button', {type: 'button', className: 'push', onclick: () => { closeSheet(); choose(thing); }}, say('go-there')));
}

/** The thing that a place in the file belongs to. */
function thingAt(pointer) {
  const names = pointer.split('/').slice(1).map(name => name.replaceAll('~1', '/').replaceAll('~0', '~'));
  const catalogs = {screens: 'screen', facts: 'fact', styles: 'style', 'device-kinds': 'kind'};
  if (names[0] in catalogs && names[1]) { return `${catalogs[names[0]]}:${names[1]}`; }
  if (names[0] === 'menus' && names[1] !== undefined && names[2] === undefined) {
    const bar = model.bars().find(one => one.menu === names[1]);
    return bar && 'bar:' + model.barId(bar);
  }
  if (names[0] === 'menus' && names[2] !== undefined) {
    const line = (model.whole().menus?.[names[1]] ?? [])[Number(names[2])];
    const inner = names[3] === 'items' && line?.items?.[Number(names[4])];
    return inner ? 'item:' + model.idOf(inner) : line?.items ? `section:${names[1]}/${names[2]}` : line && 'item:' + model.idOf(line);
  }
  if (names[0] === 'bars' && names[1] !== undefined) {
    const bar = model.bars()[Number(names[1])];
    return bar && 'bar:' + model.barId(bar);
  }
  return ['app', 'theme', 'motion'].includes(names[0]) ? names[0] : undefined;
}

function findings() {
  const body = sheet(say('findings'));
  body.append(el('ul', {className: 'findings'}, page.now.findings.map(one => finding(one))));
}

/** Fetches the plan as it is now, and shows it; done when it is shown, whoever asked first. */
async function load(revision = 0) {
  wanted = Math.max(wanted, revision);
  fetching ??= fetchNow().finally(() => { fetching = undefined; });
  await fetching;
  if (page.now.revision !== shown) {
    shown = page.now.revision;
    showing = refresh();
  }
  await showing;
}

async function fetchNow() {
  do {
    page.now = await server.get('now?since=' + shown);
    if (page.now.run !== run) { run = page.now.run; shown = -1; wanted = 0; }
  } while (page.now.revision < wanted);
  server.seen(page.now.digest);
}

/** Shows the plan as the server told it: the app first, what stands around it when that is painted. */
async function refresh() {
  const now = page.now;
  model.use(now.plan, now.bars);
  byId('plan-name').textContent = now.file;
  document.title = say('page-title', model.title('app'));
  document.querySelector('h1.app').textContent = model.title('app');
  byId('undo').disabled = !now.undo;
  byId('undo').title = writtenElsewhere() ? say('undoes-other', writtenElsewhere()) : say('undo-key');
  byId('redo').disabled = !now.redo;
  trouble(now);
  // What was wrong was so of the plan before.
  byId('note').hidden = true;
  if (byId('told').classList.contains('bad')) { tell(''); }
  page.isTried = false;
  swap(now);
  await new Promise(done => document.hidden ? done() : requestAnimationFrame(() => setTimeout(done)));
  await unpressed();
  if (model.valueOf(page.chosen) === undefined) { page.chosen = 'app'; }
  outline.refresh();
  outline.choose(page.chosen);
  panel.show(page.chosen);
  Object.assign(document.body.dataset, {revision: now.revision, digest: now.digest});
}

/** Shows the app on a device of a kind. */
function device(kind) {
  const select = byId('device-name');
  const found = [...select.options].find(option => option.value.startsWith(kind)) ?? [...select.options].find(option => option.text.includes(kind));
  if (found) {
    select.value = found.value;
    select.dispatchEvent(new Event('change', {bubbles: true}));
  }
}

function trouble(now) {
  const errors = now.findings.filter(one => one.severity === 'error');
  const rest = now.findings.length - errors.length;
  const chip = byId('found');
  chip.hidden = now.findings.length === 0;
  chip.classList.toggle('bad', errors.length > 0);
  chip.textContent = errors.length ? errors.length > 1 ? say('many-errors', errors.length) : say('one-error')
    : rest > 1 ? say('many-findings', rest) : say('one-finding');
  const box = byId('trouble');
  box.hidden = now.sound;
  if (!now.sound) {
    box.replaceChildren(
      el('p', {}, now.trouble || say('shown-before-errors')),
      el('ul', {className: 'findings'}, errors.slice(0, 5).map(one => finding(one))));
  }
}

/** Gives the app its newer plan, where it is. */
function swap(now) {
  const symbols = byId('symbols');
  if (symbols.yonderText !== now.symbols) {
    symbols.yonderText = now.symbols;
    symbols.innerHTML = now.symbols;
  }
  const before = window.yonderPictures ?? {};
  window.yonderPictures = now.pictures;
  for (const [file, uri] of Object.entries(now.pictures)) {
    if (before[file] && before[file] !== uri) {
      document.querySelectorAll(`#desk img[src="${before[file]}"]`).forEach(img => { img.src = uri; });
    }
  }
  options('device-name', now.devices, true);
  options('language', now.languages, false);
  byId('language').closest('label').hidden = model.languages().length < 2;
  if (!window.yonderApp) { return; }
  letters(JSON.stringify(now.plan));
  now.renames.forEach(one => window.yonderApp.rename(one));
  window.yonderApp.use(JSON.stringify(now.plan));
}

let known = '';

/** Letters that the page's font lacks yet come with it anew. */
function letters(text) {
  const fresh = [...new Set(text)].filter(letter => letter > '\u00ff' && !known.includes(letter));
  const font = JSON.stringify(model.whole().theme?.font ?? '');
  if (known && (fresh.length || font !== letters.font)) {
    byId('fonts').href = 'fonts.css?' + page.now.revision;
  }
  letters.font = font;
  known += ' ' + fresh.join('');
}

function options(id, html, keepsLast) {
  const select = byId(id);
  if (select.yonderHtml === html) { return; }
  const value = select.value;
  const last = keepsLast ? select.options[select.options.length - 1] : undefined;
  if (select.yonderHtml !== undefined) {
    select.innerHTML = html;
    if (last) { select.append(last); }
    select.value = value;
  }
  select.yonderHtml = html;
}

/** When another program wrote what would be taken back next, in the words of this place; nothing where it was changed here. */
function writtenElsewhere() {
  const {undoesOther} = page.now;
  return undoesOther && new Date(undoesOther).toLocaleTimeString([], {hour: '2-digit', minute: '2-digit'});
}

/** What others wrote is taken back too, but not without being told first. */
async function turn(back) {
  const time = back && writtenElsewhere();
  if (time && !await agreed(say('undoes-other-question', time), say('undo'))) { return; }
  try {
    const answer = await server.turn(back);
    await load(answer.revision);
    tell(answer.ok ? answer.said : answer.why, !answer.ok);
  } catch (failed) {
    tell(String(failed.message ?? failed), true);
  }
}

function mode(plays) {
  document.body.classList.toggle('playing', plays);
  byId('mode-play').setAttribute('aria-pressed', String(plays));
  byId('mode-choose').setAttribute('aria-pressed', String(!plays));
  canvas.draw();
}

function side(plays) {
  for (const [tab, part, on] of [['tab-plan', 'outline', !plays], ['tab-try', 'tools', plays]]) {
    byId(tab).setAttribute('aria-selected', String(on));
    byId(tab).tabIndex = on ? 0 : -1;
    byId(part).hidden = !on;
  }
}

async function changes(what = '') {
  const answer = await server.compare(what);
  const body = sheet(say('what-changed'));
  const files = answer.files ?? changes.files ?? [];
  const commits = answer.commits ?? changes.commits ?? [];
  Object.assign(changes, {files, commits});
  const select = el('select', {'aria-label': say('compared-with'), onchange: event => changes(event.target.value)},
    el('option', {value: ''}, say('since-start')),
    commits.map(one => el('option', {value: 'commit:' + one.id}, say('since-commit', one.day, one.subject))),
    files.map(name => el('option', {value: 'file:' + name}, say('against-file', name))));
  select.value = what;
  body.append(
    el('div', {className: 'filter'}, select),
    answer.ok
      ? answer.differences.length
        ? el('ul', {className: 'changes'}, answer.differences.map(one => el('li', {}, el('b', {}, one.what), one.text)))
        : el('p', {}, say('nothing-changed'))
      : el('p', {}, answer.why));
}

function wire() {
  byId('undo').onclick = () => turn(true);
  byId('redo').onclick = () => turn(false);
  byId('mode-choose').onclick = () => mode(false);
  byId('mode-play').onclick = () => mode(true);
  byId('change').onclick = () => {
    const isOpen = document.body.classList.toggle('paneled');
    byId('change').setAttribute('aria-expanded', String(isOpen));
    byId('change').textContent = isOpen ? say('done') : say('change');
  };
  byId('tab-plan').onclick = () => side(false);
  byId('tab-try').onclick = () => side(true);
  byId('found').onclick = findings;
  byId('compare').onclick = () => changes();
  byId('hand-over').onclick = () => handOver(page);
  byId('show-map').onclick = () => openMap(page);
  byId('side').querySelector('[role=tablist]').addEventListener('keydown', event => {
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
      const other = byId('outline').hidden ? 'tab-plan' : 'tab-try';
      byId(other).click();
      byId(other).focus();
    }
  });
  document.addEventListener('keydown', event => {
    // What isn't saved yet the field itself takes back.
    const field = event.target.closest?.('input:not([type=checkbox]), textarea');
    const isWriting = field && field.value !== field.defaultValue;
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && !isWriting && !byId('sheet').open) {
      event.preventDefault();
      turn(!event.shiftKey);
    }
  });
  // A jump on the map chooses the screen too.
  byId('map').addEventListener('click', event => {
    if (event.target.dataset.screen) { choose('screen:' + event.target.dataset.screen); }
  });
  document.addEventListener('yonder-moved', () => {
    if (byId('follow').checked) { server.moved(window.yonderApp.state('')); }
  });
  // A film that the browser plays by itself moves things without painting them.
  let follows = 0;
  const follow = () => {
    canvas.draw();
    cancelAnimationFrame(follows);
    if (canvas.chosen && byId('desk').getAnimations({ subtree: true }).length) { follows = requestAnimationFrame(follow); }
  };
  document.addEventListener('yonder-painted', follow);
  window.addEventListener('resize', () => canvas.draw());
  byId('desk').addEventListener('scroll', () => canvas.draw(), true);
  if (window.yonderApp) { refresh(); } else { document.addEventListener('yonder-ready', refresh); }
}

model.use(JSON.parse(byId('plan').textContent));
model.describe(await server.get('schema'));
await load();
wire();
server.listen({
  changed: revision => load(revision).catch(failed => tell(String(failed), true)),
  moved: state => { if (byId('follow').checked) { window.yonderApp?.follow(state); } },
  here: (isHere, why) => {
    document.body.classList.toggle('alone', !isHere);
    if (!isHere) { tell(why, true); }
    else if (byId('told').classList.contains('bad')) { tell(say('connected')); load().catch(() => {}); }
  }
});
// What people look at first is the menu.
choose(model.allLines()[0]?.thing ?? 'app');
document.body.dataset.ready = 'yes';
