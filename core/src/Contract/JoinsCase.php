<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Join\BadJoin;
use Undro\Join\Fit;
use Undro\Join\Hands;
use Undro\Join\JoinChoice;
use Undro\Join\Pair;
use Undro\Join\PullTest;
use Undro\Json\SpoolInput;
use Undro\Knot\Knot;
use Undro\Knot\Where;
use Undro\Line\Line;
use Undro\Line\Material;
use Undro\Printed\Size;
use Undro\Units\Diameter;

/** "joins": the knots for a place and a pair of lines, the best first, with reasons. */
final class JoinsCase implements Calculator
{
    /**
     * Question and answer: handbook, chapter 7, "joins".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $where = $in->choice('where', Where::class);
        $pair = new Pair(self::line($in->object('one')), $in->has('other') ? self::line($in->object('other')) : null);
        $tested = [];
        foreach (array_filter($in->words('tested', 20), static fn(string $typed): bool => trim($typed) !== '') as $knot => $typed) {
            $known = Knot::tryFrom($knot) ?? throw BadJoin::noKnot($knot);
            $tested[$knot] = $in->object('tested')->read($knot, static fn(): float => PullTest::read($known, $typed)->share);
        }
        $fits = $in->make(static fn(): array => JoinChoice::ranked(
            $where,
            $pair,
            $in->choices('hands', Hands::class),
            $in->choices('ties_well', Knot::class),
            $tested,
            $in->boolean('grips'),
            $in->boolean('backing'),
        ));

        return ['ratio' => $pair->ratio(), 'thicker' => $pair->otherThicker() ? 'other' : 'one', 'thin' => $pair->isThin(), 'knots' => array_map(static fn(Fit $fit): array => [
            'id' => $fit->knot->value,
            'word' => $fit->knot->word(),
            'says' => $fit->knot->says(),
            'fits' => $fit->fits,
            'for' => $fit->for,
            'against' => $fit->against,
            'keeps' => $fit->keeps === null ? null : ['low' => $fit->keeps[0], 'high' => $fit->keeps[1]],
            'tested' => $fit->tested,
            'turns' => $fit->turns,
        ], $fits)];
    }

    /** A line by its print, or by its diameter. @throws \Undro\DomainFault */
    private static function line(Input $in): Line
    {
        $size = $in->text('size', 60);
        if (trim($size) === '') {
            return SpoolInput::line($in);
        }
        $material = $in->choice('material', Material::class);

        return Line::of($material, $in->read('size', static fn(): Diameter => Size::read($size, $material)->piece->used()->diameter));
    }
}
