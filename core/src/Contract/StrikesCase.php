<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Bounds;
use Undro\Input\Input;
use Undro\Json\Written;
use Undro\Line\Material;
use Undro\Spool\Usual;
use Undro\Strike\BadStrike;
use Undro\Strike\Hook;
use Undro\Strike\Sweep;
use Undro\Units\Force;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** "strikes": the same sweep on several lines, over distance. */
final class StrikesCase implements Calculator
{
    private const POINTS = 50;
    /** Lines that can be set side by side. */
    private const MOST = 60;

    /**
     * Question and answer: handbook, chapter 7, "strikes".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $drag = $in->optionalForce('drag_N', ...Bounds::FORCE_N);
        $sweep = $in->metres('sweep_m', 0, 20);
        $slack = $in->metres('slack_m', 0, 1000, 0.0);
        $perTurn = $in->metres('retrieve_m_per_turn', 0, 10, Usual::RETRIEVE_M);
        $turns = $in->number('wind_down_turns', 0, 200, 0.0);
        $at = $in->metres('distance_m', 1, 1000);
        $to = max($at->inMetres(), $in->metres('to_m', 2, 1000, 100.0)->inMetres());
        $lines = [];
        foreach ($in->objects('lines', 1, self::MOST) as $line) {
            $found = $line->make(static fn(): Sweep => Sweep::of(
                $line->choice('material', Material::class),
                $line->force('rated_N', ...Bounds::FORCE_N),
                $line->optionalForce('working_N', ...Bounds::FORCE_N),
                $drag,
                $sweep,
                $slack,
                $perTurn,
                $turns,
            ));
            $lines[] = ['name' => $line->text('name', 80), 'material' => $line->choice('material', Material::class), 'sweep' => $found];
        }

        return [
            'distance_m' => $at->inMetres(),
            'retrieve_m' => $perTurn->inMetres(),
            'lines' => array_map(static fn(array $line): array => [
                'name' => $line['name'],
                'material' => $line['material']->value,
                'stiffness_N' => $line['sweep']->stiffness->inNewtons(),
                ...self::point($in, $line['sweep'], $at->inMetres()),
                'curve' => array_values(array_filter(array_map(
                    static fn(int $i): ?array => self::pointOrNone($line['sweep'], 1 + ($to - 1) * $i / (self::POINTS - 1)),
                    range(0, self::POINTS - 1),
                ))),
                'breaks_inside_m' => $line['sweep']->breaksInside()?->inMetres(),
                'hooks' => array_map(static fn(Hook $hook): array => [
                    'id' => $hook->value,
                    'word' => $hook->word(),
                    'asks_N' => $hook->asks()->inNewtons(),
                    'turns' => $line['sweep']->turnsFor($hook->asks(), $at),
                ], Hook::cases()),
            ], $lines),
            'says' => array_map(Written::sentence(...), self::says($lines, $at, $drag)),
        ];
    }

    /** @return array<string, mixed> */
    private static function point(Input $in, Sweep $sweep, float $metres): array
    {
        $strike = $in->make(static fn() => $sweep->at(Length::metres($metres)));

        return ['hook_force_N' => $strike->hook->inNewtons(), 'slips' => $strike->slips, 'breaks' => $strike->breaks];
    }

    /** @return array<string, mixed>|null null: winding down has taken in all of it */
    private static function pointOrNone(Sweep $sweep, float $metres): ?array
    {
        try {
            return ['distance_m' => $metres, ...self::point(Input::of([]), $sweep, $metres)];
        } catch (BadStrike) {
            return null;
        }
    }

    /**
     * Braid beside nylon, and what a locked drag does close in.
     *
     * @param list<array{name: string, material: Material, sweep: Sweep}> $lines
     *
     * @return list<Sentence>
     */
    private static function says(array $lines, Length $at, ?Force $drag): array
    {
        $says = [];
        $of = static fn(bool $braid): array => array_values(
            array_filter($lines, static fn(array $line): bool => ($line['material'] === Material::Braid) === $braid),
        );
        [$braids, $others] = [$of(true), $of(false)];
        if ($braids !== [] && $others !== []) {
            $stiff = $braids[0]['sweep']->at($at, locked: true)->hook;
            $soft = $others[0]['sweep']->at($at, locked: true)->hook;
            if ($soft->inNewtons() > 0.01) {
                $says[] = Sentence::of(
                    sprintf(
                        'With the drag locked and {0} out, %s puts {1} on the hook and %s {2}, %.1F times as much. Braid hardly stretches.',
                        $others[0]['name'],
                        $braids[0]['name'],
                        $stiff->inNewtons() / $soft->inNewtons(),
                    ),
                    $at,
                    $soft,
                    $stiff,
                );
            } elseif ($stiff->inNewtons() > 0.01) {
                $says[] = Sentence::of(
                    sprintf('With {0} out, the sweep only takes up the stretch of %s, while %s puts {1} on the hook.', $others[0]['name'], $braids[0]['name']),
                    $at,
                    $stiff,
                );
            }
        }
        // the table has it of every line; the first is the one that is fished
        foreach (array_slice($lines, 0, 1) as $line) {
            $inside = $line['sweep']->breaksInside();
            if ($inside !== null && $inside->inMetres() >= 1) {
                $says[] = $drag === null
                    ? Sentence::of(
                        "With the drag locked, a full sweep breaks {$line['name']} within {0}. Close in, strike softly or let the drag slip.",
                        $inside,
                    )
                    : Sentence::of(
                        "With the drag locked, a full sweep within {0} would break {$line['name']}. Set to {1}, the drag slips first.",
                        $inside,
                        $drag,
                    );
            }
        }

        return $says;
    }
}
