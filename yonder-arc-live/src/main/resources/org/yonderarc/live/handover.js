// What people take away: the same that the commands make.
import {el, sheet, byId} from './dom.js';
import * as model from './model.js';

export function handOver(page) {
  const body = sheet('Download');
  const told = el('p', {className: 'no', role: 'status'});
  const state = {device: byId('device-name').value || 'phone', scheme: byId('scheme').value || (page.dark() ? 'dark' : 'light')};
  const screen = byId('address').dataset.place;
  const bar = document.querySelector('.device nav') ? barShown(state.device) : '';
  const offer = (name, text, ...choices) => el('div', {className: 'offer'}, el('b', {}, name),
    el('span', {className: 'choices'}, choices.map(([label, query]) => {
      const link = el('a', {className: 'push', href: 'make?' + new URLSearchParams(query), download: '', onclick: event => { event.preventDefault(); keep(link, told); }}, label);
      return link;
    })), el('p', {}, text));
  const look = {device: state.device, scheme: state.scheme, ...(screen ? {screen} : {})};
  body.append(told, el('div', {className: 'offers'},
    offer('Prototype', 'One file to open in any browser, without this server.', ['HTML', {what: 'page', as: 'html'}]),
    offer('What is shown', `On ${state.device}, ${state.scheme}.`, ['PNG', {what: 'draw', as: 'png', ...look}], ['SVG', {what: 'draw', as: 'svg', ...look}]),
    offer('All screens', `A sheet of every screen on ${state.device}.`, ['PNG', {what: 'sheet', as: 'png', across: 'screen', device: state.device, scheme: state.scheme}]),
    offer('All devices', 'A sheet of what is shown on every kind of device, in both schemes.', ['PNG', {what: 'sheet', as: 'png', across: 'device', down: 'scheme', ...(screen ? {screen} : {})}]),
    offer('Measures', 'The bar with its distances, as a picture, a table or design tokens.',
      ...['png', 'csv', 'json'].map(as => [as.toUpperCase(), {what: 'measure', as, word: bar, device: state.device, ...(screen ? {screen} : {})}])),
    offer('A film', 'From the screen that is shown to the item that is chosen.', ['GIF', {what: 'film', as: 'gif', device: state.device, word: 'choose:' + itemToFilm(page)}]),
    offer('The map', 'Every screen, and what leads where.', ['PNG', {what: 'map', as: 'png'}], ['SVG', {what: 'map', as: 'svg'}]),
    offer('Places', 'The names of the plan for developers: a wrong one no longer compiles.', ['Java', {what: 'export', as: 'java'}], ['TypeScript', {what: 'export', as: 'ts'}]),
    offer('States', 'The navigation as a state machine, SCXML 1.0.', ['SCXML', {what: 'export', as: 'scxml'}])));
}

/** Has the browser keep what a link makes; says why, where it can't be made. */
async function keep(link, told) {
  told.textContent = 'It is being made …';
  const answer = await fetch(link.href);
  if (!answer.ok) { told.textContent = await answer.text(); return; }
  const name = /filename="([^"]*)"/.exec(answer.headers.get('Content-Disposition') ?? '')?.[1] ?? 'made';
  const address = URL.createObjectURL(await answer.blob());
  el('a', {href: address, download: name}).click();
  setTimeout(() => URL.revokeObjectURL(address), 10000);
  told.textContent = `${name} is made.`;
}

function barShown(device) {
  const bar = model.bars().find(one => one.menu);
  const form = bar && (bar.forms ? bar.forms[device] ?? Object.values(bar.forms)[0] : bar.form ?? 'top');
  return form?.form ?? form ?? 'top';
}

function itemToFilm(page) {
  const [word, id] = model.named(page.chosen);
  const items = model.allLines().filter(line => line.thing.startsWith('item:')).map(line => line.thing.slice(5));
  return word === 'item' ? id : items[1] ?? items[0] ?? '';
}
