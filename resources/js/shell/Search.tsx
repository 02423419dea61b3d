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
  const { clear, units, anglers, setAngler } = useBench();
  const { setColorScheme } = useMantineColorScheme();
  const navigate = useNavigate();
  const pick = usePick();
  const switchUnits = useUnitSwitch();
  const signs = useCalculator('trouble', {});
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
      group: 'Fillers',
      actions: fillers.map((filler) => ({
        id: `filler-${filler.id}`,
        label: fillerName(filler, fillers),
        description: `${within(filler.left_m, filler.half_m, units)} left`,
        onClick: () => navigate(`/rack#filler-${filler.id}`),
      })),
    },
    {
      group: 'Do',
      actions: [
        { id: 'new', label: 'Plan for a reel not in the locker', onClick: startAnew },
        { id: 'add-reel', label: 'Add a reel', onClick: () => navigate('/locker?add=reel') },
        { id: 'add-filler', label: 'Add a filler', onClick: () => navigate('/rack?add=filler') },
        { id: 'which', label: 'Which line for this fishing?', onClick: () => navigate('/rack?which=1') },
        ...(household === null
          ? []
          : [{ id: 'account', label: 'Household: people, keys, signing out', onClick: () => navigate('/account') }]),
        { id: 'habits', label: 'Habits', onClick: () => navigate('/habits') },
        { id: 'twist', label: 'Twist lab', onClick: () => navigate('/twist') },
        {
          id: 'practice',
          label: 'Practice: lessons, and how they went',
          keywords: 'lesson learn practise gap filler mark memory twist drag ease',
          onClick: () => navigate('/practice'),
        },
        { id: 'drag-practice', label: 'Practise on a made-up drag', onClick: () => navigate('/drag/practice') },
        { id: 'drag-card', label: 'Drag card for the pocket', onClick: () => navigate('/drag/card') },
        { id: 'drag-before', label: 'Drag settings kept before', onClick: () => navigate('/drag?at=before') },
        { id: 'day', label: 'Bench day: many reels in one evening', onClick: () => navigate('/day') },
        { id: 'due', label: 'What is due', onClick: () => navigate('/log') },
        { id: 'learnt', label: 'What fills have taught', onClick: () => navigate('/log?all=learnt') },
        { id: 'calendar', label: 'Due dates in a calendar', onClick: () => navigate('/log?all=calendar') },
        ...(signs.data?.signs ?? []).map((sign) => ({
          id: `trouble-${sign.id}`,
          label: `Trouble: ${sign.words}`,
          onClick: () => navigate(`/trouble?seen=${sign.id}`),
        })),
        { id: 'trouble', label: 'When something is wrong', onClick: () => navigate('/trouble') },
        { id: 'labels', label: 'Labels', onClick: () => navigate('/labels') },
        {
          id: 'paper',
          label: 'Paper tools, to print',
          keywords: 'gauge strip ruler measure arbor wraps angle sector print paper',
          onClick: () => navigate('/paper'),
        },
        {
          id: 'knots',
          label: 'Knots: which one, and how it is tied',
          keywords: 'knot tie join joins line leader backing braid nylon arbor',
          onClick: () => navigate('/knots'),
        },
        ...Object.entries(NAMES).map(([id, word]) => ({
          id: `knot-${id}`,
          label: `How to tie the ${word}`,
          onClick: () => navigate(`/knots?knot=${id}`),
        })),
        { id: 'data', label: 'Data in and out', onClick: () => navigate('/data') },
        { id: 'units', label: 'Turn the units over', onClick: switchUnits },
        { id: 'daylight', label: 'Daylight', onClick: () => setColorScheme('light') },
        { id: 'dim', label: 'Dim garage', onClick: () => setColorScheme('dark') },
        { id: 'auto', label: 'Day and night as the system has it', onClick: () => setColorScheme('auto') },
        ...anglers.map((each) => ({
          id: `angler-${each.id}`,
          label: `${each.name} is at the bench`,
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
      nothingFound="Nothing by that name. Try a reel, a line or a place."
      searchProps={{ placeholder: 'A reel, a line, a plan or a command', 'aria-label': 'Search' }}
    />
  );
}
