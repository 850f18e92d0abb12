// A plan of 2,000 devices, and 300 events: whatever is asked of them, everybody else goes on being answered.
import { documentOf, editOf, FRIDAY, newId, send, startWatched } from './servers.mjs';

/** The demo plan with each device and lead so many times over, spread over the room. */
function grown(plan, devices) {
  const own = Object.keys(plan.devices);
  const times = Math.ceil(devices / own.length);
  const next = { ...plan, devices: { ...plan.devices }, links: { ...plan.links } };
  for (let copy = 1; copy < times; copy++) {
    const names = new Map(own.map(id => [id, newId()]));
    const renamed = value =>
      typeof value === 'string'
        ? (names.get(value) ?? value)
        : Array.isArray(value)
          ? value.map(renamed)
          : typeof value === 'object' && value !== null
            ? Object.fromEntries(Object.entries(value).map(([key, each]) => [key, renamed(each)]))
            : value;
    for (const id of own) {
      const { item: _item, ...device } = renamed(plan.devices[id]);
      const at = device.place?.at &&
        !device.place.level && { at: [1 + ((copy * 7.3) % 18), 1 + ((copy * 3.7) % 13)] };
      next.devices[names.get(id)] = { ...device, ...(at && { place: { ...device.place, ...at } }) };
    }
    for (const link of Object.values(plan.links)) {
      const { cables: _cables, ...lead } = renamed(link);
      next.links[newId()] = lead;
    }
  }
  return next;
}

/** What is asked of the large plan, each beside a stream of small requests. */
const ASKED = [
  'bundle',
  'file',
  'cut-list.csv',
  'cut-list.pdf',
  'pack-list.pdf',
  'check-list.pdf',
  'lay-list.pdf',
  'labels.pdf',
  'labels.svg',
  'schematic.pdf',
  'schematic.svg',
  'camera-plan.pdf',
  'input-list.pdf',
  'power-list.pdf',
];

export async function stalls({ cluster, scale }) {
  const devices = Math.max(200, Math.round(2000 * scale));
  const events = Math.max(30, Math.round(300 * scale));
  const server = await startWatched(cluster.url, { DEMO: 'yes' });
  const { url } = server;
  const { body: plan } = await documentOf(url, FRIDAY);
  const large = await send(url, `/events/${FRIDAY}/copy`, { method: 'POST', body: {} });
  const id = large.json().id;
  const value = grown(plan, devices);
  const rows = [];
  let worst = { what: '', held: 0 };
  const asked = async (what, work) => {
    await server.watched();
    // Others ask for little meanwhile, and must be answered.
    let going = true;
    const others = (async () => {
      while (going) await send(url, '/organisation');
    })();
    const answer = await work();
    going = false;
    await others;
    const seen = await server.watched();
    if (seen.held > worst.held) worst = { what, held: seen.held };
    return { ...seen, answer };
  };
  const edit = patch => async () => {
    const { revision } = await documentOf(url, id);
    return send(url, '/edits', { method: 'POST', body: editOf(id, revision, patch) });
  };
  const put = await asked('the whole plan as an edit', edit([{ op: 'replace', path: '', value }]));
  if (put.answer.status !== 200)
    throw new Error(`the large plan was answered ${put.answer.status}: ${put.answer.text.slice(0, 300)}`);
  for (let i = 0; i < 5; i++) {
    await asked(
      'an edit',
      edit([{ op: 'replace', path: '/devices/camnorth1/place/at', value: [10 + i / 10, 2] }]),
    );
  }
  let given = 0;
  let slowest = { what: '', took: 0 };
  for (const what of ASKED) {
    const begun = performance.now();
    const { answer } = await asked(what, () => send(url, `/events/${id}/${what}`));
    const took = (performance.now() - begun) / 1000;
    if (took > slowest.took) slowest = { what, took };
    if (answer.status === 503) given++;
    else if (answer.status !== 200)
      throw new Error(`${what} was answered ${answer.status}: ${answer.text.slice(0, 200)}`);
  }
  await asked('the list of events', () => send(url, '/events'));
  await asked('a copy', () => send(url, `/events/${id}/copy`, { method: 'POST', body: {} }));
  rows.push([`${devices} devices: event loop held at most, ms (by ${worst.what})`, worst.held, 100]);
  rows.push(['… sheets given up as too long', given, 0]);
  rows.push([`… the slowest sheet beside small requests, s (${slowest.what})`, slowest.took, 45]);
  // A fresh thread, so that nothing is known from before: first while it compiles, then again over a plan that changed.
  await server.end();
  const fresh = await startWatched(cluster.url);
  await send(fresh.url, `/events/${FRIDAY}/cut-list.csv`);
  const cutList = async () => {
    await fresh.watched();
    await send(fresh.url, `/events/${id}/cut-list.csv`);
    return (await fresh.watched()).cpu;
  };
  const first = await cutList();
  const moved = [{ op: 'replace', path: '/devices/camnorth1/place/at', value: [12, 3] }];
  const { revision } = await documentOf(fresh.url, id);
  await send(fresh.url, '/edits', { method: 'POST', body: editOf(id, revision, moved) });
  rows.push([`cut list of ${devices} devices, after an edit: processor, ms`, await cutList(), 1000]);
  rows.push(['… of a thread just begun, the compiling included', first, 2000]);
  for (let i = 0; i < events; i++)
    await send(fresh.url, `/events/${FRIDAY}/copy`, { method: 'POST', body: {} });
  const list = async () => {
    for (let cursor; ;) {
      const page = (await send(fresh.url, `/events${cursor ? `?cursor=${cursor}` : ''}`)).json();
      if (!page.next) return;
      cursor = page.next;
    }
  };
  await list();
  await fresh.watched();
  await list();
  rows.push([`list of ${events} events: processor, ms`, (await fresh.watched()).cpu, 100]);
  await fresh.end();
  return rows;
}
