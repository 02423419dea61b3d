<?php

declare(strict_types=1);

namespace Undro\Input;

use Undro\DomainFault;
use Undro\Units\Exact;
use Undro\Units\Sentence;

/** A case whose shape or bounds are wrong. */
final class BadInput extends DomainFault
{
    /** @param list<string> $known */
    public static function unknownCalculator(string $name, array $known): self
    {
        return new self('name', sprintf('There is no calculator "%s". There are: %s.', mb_substr($name, 0, 40), implode(', ', $known)));
    }

    /** Names no field. */
    public static function notJson(string $why): self
    {
        return new self('', "The request can’t be read: $why.");
    }

    /** Names the field it is given. */
    public static function missing(string $field): self
    {
        return new self($field, 'This figure is missing.');
    }

    /** A filler of which nobody said how much is on it. Names the field it is given. */
    public static function noLength(string $field): self
    {
        return new self($field, 'Type how much line is on it: from the label, such as 300 m, or as weighed, such as 80 ± 12 m.');
    }

    /** Names the field it is given. */
    public static function wrongType(string $field, string $wanted): self
    {
        return new self($field, "This must be $wanted.");
    }

    /** Names the field it is given. */
    public static function outOfRange(string $field, float $value, float $least, float $most, string $unit): self
    {
        $exact = match ($unit) {
            'mm' => Exact::millimetres(...),
            'm' => Exact::metres(...),
            'N' => Exact::newtons(...),
            default => null,
        };
        if ($exact !== null) {
            return new self(
                $field,
                Sentence::of('{0} is out of range. Type a value from {1} to {2}.', $exact($value), $exact($least), $exact($most)),
            );
        }
        $unit = $unit === '' ? '' : " $unit";

        return new self(
            $field,
            sprintf(
                '%s%s is out of range. Type a value from %s to %s%s.',
                Exact::plain($value),
                $unit,
                Exact::plain($least),
                Exact::plain($most),
                $unit,
            ),
        );
    }

    /** @param list<string> $choices */
    public static function notAChoice(string $field, string $value, array $choices): self
    {
        return new self($field, sprintf('"%s" is not one of %s.', mb_substr($value, 0, 40), implode(', ', $choices)));
    }

    /** Names the field it is given. */
    public static function tooMany(string $field, int $most): self
    {
        return new self($field, "At most $most entries.");
    }

    /** Names the field it is given. */
    public static function tooLong(string $field, int $most): self
    {
        return new self($field, "At most $most characters.");
    }
}
