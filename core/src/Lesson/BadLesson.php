<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\DomainFault;
use Undro\Units\Exact;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** A move that cannot be made in a lesson. */
final class BadLesson extends DomainFault
{
    /**
     * Names “do”.
     *
     * @param list<Choice> $can
     */
    public static function cannot(string $do, array $can): self
    {
        $open = implode(', ', array_map(static fn(Choice $each): string => $each->do, $can));

        return new self('do', "You can’t do “{$do}” here. " . ($open === '' ? 'There is nothing left to do.' : "You can: $open."));
    }

    /** Names “amount”. */
    public static function amount(Choice $choice, ?float $amount): self
    {
        if ($choice->unit === 'mm') {
            $bounds = [Length::millimetres($choice->from), Length::millimetres($choice->to)];

            return new self('amount', $amount === null
                ? Sentence::of("“{$choice->says}” needs a figure, from {0} to {1}.", ...$bounds)
                : Sentence::of("“{$choice->says}” must be from {0} to {1}, not {2}.", ...[...$bounds, Length::millimetres($amount)]));
        }
        $bounds = Exact::plain($choice->from) . ' to ' . Exact::plain($choice->to) . ($choice->unit === '' ? '' : " $choice->unit");

        return new self('amount', $amount === null
            ? "“{$choice->says}” needs a figure, from $bounds."
            : "“{$choice->says}” must be from $bounds, not " . Exact::plain($amount) . '.');
    }

    /** Names “over”. */
    public static function tooSoon(): self
    {
        return new self('over', 'There is nothing to judge yet. Make a few moves first.');
    }
}
