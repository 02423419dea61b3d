<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\DomainFault;
use Undro\Units\Length;
use Undro\Units\Moment;
use Undro\Units\Sentence;

/** A figure of the upkeep that cannot be. */
final class BadUpkeep extends DomainFault
{
    /** Names the field it is given. */
    public static function noDate(string $field, string $typed): self
    {
        return new self($field, sprintf('"%s" is not a date. Write it as 2026-03-31.', mb_substr($typed, 0, 40)));
    }

    /** Names “until”. */
    public static function endsBeforeItBegins(Length $from, Length $to): self
    {
        return new self('until', Sentence::of(
            '{0} to {1} is the wrong way round. Count from the end the lure is tied to.',
            $from,
            $to,
        ));
    }

    /** Names the field it is given. */
    public static function beyondTheLine(string $field, Length $to, Length $main): self
    {
        return new self($field, Sentence::of('The main line is {0} long, so {1} from its end is beyond it.', $main, $to));
    }

    /** Names “happened_at”. @param string $at ISO 8601 */
    public static function beforeTheFill(string $at, string $filled): self
    {
        return new self('happened_at', sprintf(
            'The log has no line on this spool on %s. Its first entry is of %s. Correct the date, or log the earlier fill first.',
            Moment::written($at),
            Moment::written($filled),
        ));
    }
}
