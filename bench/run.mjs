/** A mark of a run told and answered with how it stands, at the start and after a long fill. */
import { asked, inTurns, print, share } from './ratio.mjs';

const base = process.env.UNDRO_URL;
const page = await fetch(`${base}/wind`);
const cookies = page.headers.getSetCookie().map((each) => each.split(';')[0]);
const token = decodeURIComponent(cookies.find((each) => each.startsWith('XSRF-TOKEN'))?.replace(/^[^=]*=/, '') ?? '');
const tell = async (path, body) => {
  const begun = performance.now();
  const answer = await fetch(`${base}/api/runs${path}`, {
    method: 'POST',
    headers: {
      'Content-Type': 'application/json',
      Accept: 'application/json',
      Cookie: cookies.join('; '),
      'X-XSRF-TOKEN': token,
    },
    body: JSON.stringify(body),
  });
  const told = await answer.json();
  if (!answer.ok) throw new Error(`answered ${answer.status}: ${told.detail}`);
  return [performance.now() - begun, told];
};
const mark = (fields) => ({ id: crypto.randomUUID(), ...fields });

const id = crypto.randomUUID();
const [, run] = await tell('', {
  id,
  name: 'Measured',
  practice: 1,
  case: {
    reel: { kind: 'spinning', gear_ratio: '5.2' },
    spool: { lip_diameter_mm: '50', arbor_diameter_mm: '30', traverse_mm: '15' },
    main: { material: 'braid', size: '0.16', length_m: '150 m' },
    backing: { material: 'mono', size: '0.30' },
  },
});
const steps = run.state.steps.map((step) => step.id);
await tell(`/${id}/marks`, {
  marks: steps.slice(0, steps.indexOf('wind.0')).map((step) => mark({ kind: 'done', step })),
});
const measure = async (name) => {
  const times = await inTurns(
    {
      told: async () => (await tell(`/${id}/marks`, { marks: [mark({ kind: 'turns', turns: 0.1 })] }))[0],
      floor: () => asked(`${base}/api/floor`),
    },
    60,
    5,
  );
  print(`${name}, p95`, share(times.told, 0.95), share(times.floor, 0.95), 4, 'an empty answer');
};
await measure('a mark of a run told');
for (let i = 0; i < 5; i++) {
  await tell(`/${id}/marks`, { marks: Array.from({ length: 200 }, () => mark({ kind: 'turns', turns: 0.1 })) });
}
await measure('the same after 1,000 marks more');
