import '@mantine/core/styles/Table.css';
import '../theme/over';
import { Modal, Switch, Table } from '@mantine/core';
import { useBench } from './bench';
import { PLACES } from './places';

const KEYS: [string, string][] = [
  ...PLACES.map((place, index): [string, string] => [String(index + 1), `go to ${place.word}`]),
  ['b', 'change the reel on the bench'],
  ['/ or Ctrl K', 'search reels, lines, plans and commands'],
  ['u', 'turn the units over'],
  ['Ctrl S', 'save the plan'],
  ['Tab, then ↑ ↓', 'nudge a mark on the section by 0.1 mm; with Shift or Page keys by 0.5'],
  ['Space', 'counting: a turn; with the beat running, stops it'],
  ['Backspace', 'counting: takes the last turn back'],
  ['p, d, t', 'counting: starts or holds the beat; measures the depth; turns or metres typed'],
  ['Enter, s, n, ←', 'winding: step done, left out, noted, back'],
  ['h, l', 'slack test: hangs straight, springs into loops'],
  [
    'Space, Enter, Backspace',
    'drag: pulls the stand-in; the knob stands where it was to go, or keeps the setting; takes a pull back',
  ],
  ['← →', 'a knot: one move back or on'],
  ['Ctrl Z', 'undo the last change to stock, reels or plans'],
  ['?', 'this list'],
];

export default function Shortcuts({ onClose }: { onClose: () => void }) {
  const { singleKeys, setSingleKeys } = useBench();
  return (
    <Modal opened onClose={onClose} title="Shortcuts" closeButtonProps={{ 'aria-label': 'Close' }}>
      <Table>
        <Table.Tbody>
          {KEYS.map(([key, does]) => (
            <Table.Tr key={key}>
              <Table.Th scope="row">
                <kbd>{key}</kbd>
              </Table.Th>
              <Table.Td>{does}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <Switch
        mt="md"
        label="Single keys work (turn off if they get in the way)"
        checked={singleKeys}
        onChange={(event) => setSingleKeys(event.currentTarget.checked)}
      />
    </Modal>
  );
}
