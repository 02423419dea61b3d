import '../theme/over';
import { fillerName } from '../parts/fillerName';
import '@mantine/spotlight/styles.css';
import './Search.css';
import { useMantineColorScheme } from '@mantine/core';
import { Spotlight, type SpotlightActionGroupData, spotlight } from '@mantine/spotlight';
import { useEffect } from 'react';
import { useCalculator } from '../api/calculators';
import { useFillers, usePlans, useReels } from '../api/records';
import { household } from '../api/served';
import { NAMES } from '../knots/names';
import { signsOf } from '../parts/signsOf';
import { within } from '../units/units';
import { useBench } from './bench';
import { PLACES } from './places';
import { useNavigate } from './route';
import { usePick } from './usePick';
import { useUnitSwitch } from './useUnitSwitch';

/** One search over reels, lines, plans and commands. Choosing a reel puts it on the bench. */
export default function Search({ onClose }: { onClose: () => void }) {
  const { data: reels = [] } = useReels();
  const { data: fillers = [] } = useFillers();
  const { data: plans = [] } = usePlans();
  const { clear, reel, units, anglers, setAngler } = useBench();
  const { setColorScheme } = useMantineColorScheme();
  const navigate = useNavigate();
  const pick = usePick();
  const switchUnits = useUnitSwitch();
  const signs = useCalculator('trouble', signsOf(reel?.kind));
  useEffect(() => spotlight.open(), []);

  const startAnew = () => {
    clear();
    navigate('/plan?new=1');
  };
  const actions: SpotlightActionGroupData[] = [
    {
      group: 'Put on the bench',
      actions: reels.flatMap((reel) =>
        reel.spools.map((spool) => ({
          id: `reel-${reel.id}-${spool.id}`,
          label: reel.name,
          description: `${reel.kind}, ${spool.name}`,
          onClick: () => pick(reel.id, spool.id),
        })),
      ),
    },
    {
      group: 'Go to',
      actions: PLACES.map((place) => ({
        id: place.path,
        label: place.word,
        description: place.hint,
        onClick: () => navigate(place.path),
      })),
    },
    {
      group: 'Saved plans',
      actions: plans.map((plan) => ({
        id: `plan-${plan.id}`,
        label: plan.name,
        onClick: () => navigate(`/plan/${plan.id}`),
      })),
    },
    {
      group: 'Filler spools',
      actions: fillers.map((filler) => ({
        id: `filler-${filler.id}`,
        label: fillerName(filler, fillers),
        description: `${within(filler.left_m, filler.half_m, units)} left`,
        onClick: () => navigate(`/rack#filler-${filler.id}`),
      })),
    },
    {
      group: 'Actions',
      actions: [
        { id: 'new', label: 'Plan for another reel', onClick: startAnew },
        { id: 'add-reel', label: 'Add a reel', onClick: () => navigate('/locker?add=reel') },
        { id: 'add-filler', label: 'Add a filler spool', onClick: () => navigate('/rack?add=filler') },
        { id: 'which', label: 'Choose a line for your fishing', onClick: () => navigate('/rack?which=1') },
        ...(household === null
          ? []
          : [{ id: 'account', label: 'Household: people, keys, sign out', onClick: () => navigate('/account') }]),
        { id: 'habits', label: 'Preferences', onClick: () => navigate('/preferences') },
        { id: 'twist', label: 'Twist lab', onClick: () => navigate('/twist') },
        {
          id: 'practice',
          label: 'Practice: lessons and results',
          keywords: 'lesson learn practise gap filler mark memory twist drag ease',
          onClick: () => navigate('/practice'),
        },
        { id: 'drag-practice', label: 'Practice setting a drag', onClick: () => navigate('/drag/practice') },
        { id: 'drag-card', label: 'Pocket drag card', onClick: () => navigate('/drag/card') },
        { id: 'drag-before', label: 'Saved drag settings', onClick: () => navigate('/drag?at=before') },
        { id: 'day', label: 'Bench day: several reels in one evening', onClick: () => navigate('/day') },
        { id: 'due', label: 'Spools that need attention', onClick: () => navigate('/log') },
        { id: 'learnt', label: 'What past fills taught Undro', onClick: () => navigate('/log?all=learnt') },
        { id: 'calendar', label: 'Due dates in a calendar', onClick: () => navigate('/log?all=calendar') },
        ...(signs.data?.signs ?? []).map((sign) => ({
          id: `trouble-${sign.id}`,
          label: `Trouble: ${sign.words}`,
          onClick: () => navigate(`/trouble?seen=${sign.id}`),
        })),
        { id: 'trouble', label: 'Troubleshooting', onClick: () => navigate('/trouble') },
        { id: 'labels', label: 'Labels', onClick: () => navigate('/labels') },
        {
          id: 'paper',
          label: 'Paper tools to print',
          keywords: 'gauge strip ruler measure arbor wraps angle sector print paper',
          onClick: () => navigate('/paper'),
        },
        {
          id: 'knots',
          label: 'Knots: which one, and how to tie it',
          keywords: 'knot tie join joins line leader backing braid mono arbor nylon',
          onClick: () => navigate('/knots'),
        },
        ...Object.entries(NAMES).map(([id, word]) => ({
          id: `knot-${id}`,
          label: `How to tie the ${word}`,
          onClick: () => navigate(`/knots?knot=${id}`),
        })),
        { id: 'data', label: 'Import and export', onClick: () => navigate('/data') },
        { id: 'units', label: 'Switch units', onClick: switchUnits },
        { id: 'daylight', label: 'Light', onClick: () => setColorScheme('light') },
        { id: 'dim', label: 'Dark', onClick: () => setColorScheme('dark') },
        { id: 'auto', label: 'Dark or light like the system', onClick: () => setColorScheme('auto') },
        ...anglers.map((each) => ({
          id: `angler-${each.id}`,
          label: `Switch to ${each.name}`,
          onClick: () => setAngler(each.id),
        })),
      ],
    },
  ];
  return (
    <Spotlight
      actions={actions}
      onSpotlightClose={onClose}
      shortcut={null}
      scrollable
      maxHeight={440}
      limit={40}
      highlightQuery
      overlayProps={{ blur: 0, backgroundOpacity: 0.45 }}
      nothingFound="Nothing found. Try the name of a reel, a line or a page."
      searchProps={{ placeholder: 'A reel, a line, a plan or a command', 'aria-label': 'Search' }}
    />
  );
}
