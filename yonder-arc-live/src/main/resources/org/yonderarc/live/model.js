// The plan as the library writes it, and its schema: what there is, and what its keys mean.
import {say} from './words.js';

let plan = {};
let schema = {};
let usualBars = [];

/** Goes on with a plan; `usual` are its bars where it writes none. */
export function use(newer, usual = []) {
  plan = newer;
  usualBars = usual;
}

export const bars = () => plan.bars ?? usualBars;

export function describe(newer) {
  schema = newer;
}

export const whole = () => plan;

export const words = (text, language) =>
  text === undefined ? '' : typeof text === 'string' ? text : text[language] ?? text['*'] ?? Object.values(text)[0] ?? '';

/** A text by language; one that is for all stands under the first. */
export const inEach = text => typeof text === 'string' ? {[languages()[0]]: text} : text;

/** A text with what it says in one language changed, as a plan is to have it. */
export function worded(text, language, said) {
  return typeof text === 'object' || (text !== undefined && language !== languages()[0]) ? {...inEach(text), [language]: said} : said;
}

export const languages = () => plan.app?.languages ?? ['en'];

export const kinds = () => Object.keys(plan['device-kinds'] ?? {phone: 0, tablet: 600, desktop: 1024});

/** The kind of devices that a width belongs to. */
export function kindOf(width) {
  const all = Object.entries(plan['device-kinds'] ?? {phone: 0, tablet: 600, desktop: 1024});
  all.sort((a, b) => b[1] - a[1]);
  return (all.find(([, from]) => from <= width) ?? all[all.length - 1])[0];
}

const screenOf = place => (place ?? '').split('?')[0];

export const idOf = item => typeof item === 'string' ? screenOf(item)
  : item.id ?? (item.screen ? screenOf(item.screen) : item.signal ?? slugOf(words(item.label) || (item.sets ? toldName(item.sets) : '')));

/** What an item is called that sets a fact and says nothing else: the text that the fact gets, or the fact and its value. */
function toldName(tells) {
  const {fact, value} = typeof tells === 'string' ? {fact: tells} : tells;
  return typeof value === 'string' ? value : [fact, value].filter(part => part !== undefined).join(' ');
}

const slugOf = text => text.toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '');

/** Each line of a menu, with where it stands: its list as a thing, and its index there. */
export function lines(menu) {
  const out = [];
  (plan.menus?.[menu] ?? []).forEach((line, index) => {
    const list = 'menu:' + menu;
    if (line.items) {
      const section = `section:${menu}/${index}`;
      out.push({thing: section, list, index, value: line});
      line.items.forEach((inner, at) => out.push({thing: 'item:' + idOf(inner), list: section, index: at, value: inner}));
    } else if (line !== 'divider') {
      out.push({thing: 'item:' + idOf(line), list, index, value: line});
    }
  });
  return out;
}

export const menus = () => Object.keys(plan.menus ?? {});

export const allLines = () => menus().flatMap(menu => lines(menu));

export const barId = bar => typeof bar === 'string' ? bar
  : bar.id ?? bar.menu ?? bar.form ?? Object.values(bar.forms ?? {}).map(any => any.form ?? any)[0];

/** Splits a thing into what it is and its id. */
export function named(thing) {
  const colon = thing.indexOf(':');
  return colon < 0 ? [thing, ''] : [thing.slice(0, colon), thing.slice(colon + 1)];
}

/** The value of a thing in the plan; undefined where there is none. */
export function valueOf(thing) {
  const [word, id] = named(thing);
  switch (word) {
    case 'app': case 'motion': case 'theme': return plan[word] ?? {};
    case 'screen': return asMap(plan.screens?.[id], 'title');
    case 'fact': return plan.facts?.[id] === undefined ? undefined : asFact(plan.facts[id]);
    case 'style': return plan.styles?.[id];
    case 'kind': return plan['device-kinds']?.[id];
    case 'menu': return plan.menus?.[id];
    case 'item': case 'section': {
      const found = allLines().find(line => line.thing === thing);
      return found && asMap(found.value, 'screen');
    }
    case 'bar': return asMap((bars()).find(bar => barId(bar) === id), 'form');
    case 'row': {
      const slash = id.lastIndexOf('/');
      return asMap(wireframe(id.slice(0, slash)).rows?.[Number(id.slice(slash + 1))], 'title');
    }
    default: return undefined;
  }
}

const asMap = (value, key) => typeof value === 'string' ? {[key]: value} : value;

const asFact = value => typeof value === 'object' && !Array.isArray(value) ? value : {value};

export const wireframe = screen => asMap(plan.screens?.[screen]?.wireframe, 'kind') ?? {};

/** What a thing is called for people. */
export function title(thing, language) {
  const [word, id] = named(thing);
  const value = valueOf(thing);
  switch (word) {
    case 'app': return words(plan.app?.name) || say('noun-app');
    case 'theme': return say('colours');
    case 'motion': return say('motion');
    case 'screen': return words(value?.title, language) || asWords(id);
    case 'item': return words(value?.label, language) || title('screen:' + screenOf(value?.screen), language) || asWords(id);
    case 'section': return words(value?.section, language);
    case 'row': return words(value?.title, language);
    default: return asWords(id);
  }
}

const asWords = id => id.replaceAll('-', ' ').replace(/^./, first => first.toUpperCase());

/** What a kind of thing is called. */
export const noun = word => say('noun-' + word);

/** The icon that an item shows. */
export function iconOf(item) {
  const value = asMap(item, 'screen');
  return value.icon ?? plan.screens?.[screenOf(value.screen)]?.icon ?? '';
}

// Keys and what they mean.

const follow = node => {
  let at = node;
  while (at?.$ref) {
    at = {...schema.$defs[at.$ref.split('/').pop().replaceAll('%20', ' ')], ...at, $ref: undefined};
  }
  return at;
};

/** The forms of bars, and those that need no menu. */
export const forms = () => schema.$defs.bar.anyOf.map(any => any.properties?.form?.const).filter(Boolean);
export const formsOfTheTitle = () => schema.$defs.bar.anyOf.map(any => any.const).filter(Boolean);

/** The keys of a kind of thing, as the schema has them: the name of a definition, or a node of it. */
export function keys(of) {
  const node = follow(typeof of === 'string' ? schema.$defs?.[of] : of) ?? {};
  const long = [node, ...(node.anyOf ?? [])].map(follow).find(any => any?.properties);
  return Object.entries(long?.properties ?? {}).map(([key, any]) => ({key, ...follow(any)}));
}

export const shape = (of, key) => keys(of).find(any => any.key === key) ?? {key};
