<?php

declare(strict_types=1);

namespace App\Exchange;

use Undro\DomainFault;

/** A row of an imported file that cannot be taken as it is. */
final class BadRow extends DomainFault
{
    public static function shape(string $where, string $why): self
    {
        return new self($where, $where === '' ? ucfirst($why) . '.' : "“{$where}”: $why.");
    }

    public static function noSuch(string $field, string $word, string $name): self
    {
        return new self($field, $name === ''
            ? "Which $word? Type its name or its key."
            : sprintf(
                'There is no %s “%s” in Undro or in this file. Add it first, or correct the name.',
                $word,
                mb_substr($name, 0, 60),
            ));
    }

    public static function severalOf(string $field, string $word, string $name): self
    {
        return new self(
            $field,
            sprintf('Several are called “%s”. Use the key of the %s instead of its name.', mb_substr($name, 0, 60), $word),
        );
    }

    /** @param list<int> $rows */
    public static function twice(string $key, array $rows): self
    {
        return new self('key', sprintf(
            'The key “%s” is in rows %s. Keep only one of them.',
            mb_substr($key, 0, 60),
            implode(' and ', $rows),
        ));
    }

    public static function partTwice(string $name): self
    {
        return new self('text', sprintf(
            'This is not an Undro export: “%s” is twice in one part of it. Keep only one.',
            mb_substr($name, 0, 60),
        ));
    }

    /** @param list<string> $parts */
    public static function unknownPart(string $name, array $parts): self
    {
        return new self('text', sprintf('“%s” is not a part of an export. Its parts are %s.', mb_substr($name, 0, 60), implode(', ', $parts)));
    }

    public static function notATable(string $why): self
    {
        return new self('text', "This can’t be read as a table: $why. Save it as CSV, with the column names in the first row.");
    }

    public static function notADocument(string $why): self
    {
        return new self('text', "This is not an Undro export: $why.");
    }
}
