<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Choice\Fishing;
use Undro\Drag\Knob;
use Undro\Drag\LinkKind;
use Undro\Drag\Mechanism;
use Undro\Input\BadInput;
use Undro\Input\Input;
use Undro\Json\ChainInput;
use Undro\Knot\Knot;
use Undro\Spool\ReelKind;

/** "drag_steps": how a kind of drag is set, what it is counted in, and the fractions and knots there are to choose from. */
final class DragStepsCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "drag_steps".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $mechanism = $in->optionalChoice('mechanism', Mechanism::class) ?? Mechanism::usual(
            $in->choice('reel', ReelKind::class, ReelKind::Spinning),
        );
        $knob = $in->optionalChoice('knob', Knob::class);
        $knob = in_array($knob, $mechanism->knobs(), true) ? $knob : $mechanism->knobs()[0];

        return [
            'mechanism' => $mechanism->value,
            'word' => $mechanism->word(),
            'knob' => $knob->value,
            'at_turns' => self::turns($in, $knob),
            'knob_word' => $mechanism === Mechanism::Lever && $knob === Knob::Notch ? 'lever' : $mechanism->knobWord(),
            'knobs' => array_map(static fn(Knob $each): string => $each->value, $mechanism->knobs()),
            'steps' => $mechanism->steps($in->boolean('tip', true), $knob),
            'caution' => Mechanism::CAUTION,
            'mechanisms' => array_map(
                static fn(Mechanism $each): array => ['id' => $each->value, 'word' => $each->word()],
                Mechanism::cases(),
            ),
            'fishing' => array_map(
                static fn(Fishing $each): array => ['id' => $each->value, 'word' => $each->word(), 'fraction' => $each->dragFraction()],
                Fishing::cases(),
            ),
            'knots' => [
                [
                    'id' => 'terminal',
                    'kind' => LinkKind::Terminal->value,
                    'word' => 'any hook knot',
                    'low' => ChainInput::hookKeeps()[0],
                    'high' => ChainInput::hookKeeps()[1],
                ],
                ...array_values(array_filter(array_map(static fn(Knot $knot): ?array => ($keeps = $knot->keeps()) === null ? null : [
                    'id' => $knot->value,
                    'kind' => ($knot->toHook() ? LinkKind::Terminal : LinkKind::Join)->value,
                    'word' => $knot->word(),
                    'low' => $keeps[0],
                    'high' => $keeps[1],
                ], Knot::cases()))),
            ],
        ];
    }

    /**
     * Where the knob stands, in turns: clicks and notches are taken as usual ones, since a stand-in's knob turns. Null: it cannot be read.
     */
    private static function turns(Input $in, Knob $knob): ?float
    {
        [$least, $most] = $knob->inTurns();
        try {
            return $in->number('position', -1000, 1000, 0.0) * sqrt($least * $most);
        } catch (BadInput) {
            return null;
        }
    }
}
