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
            ? "Which $word? Give its name or its key."
            : sprintf(
                'There is no %s “%s”, neither here nor in this file. Add it first, or correct the name.',
                $word,
                mb_substr($name, 0, 60),
            ));
    }

    public static function severalOf(string $field, string $word, string $name): self
    {
        return new self(
            $field,
            sprintf('There are several called “%s”. Give the key of the %s instead of its name.', mb_substr($name, 0, 60), $word),
        );
    }

    /** @param list<int> $rows */
    public static function twice(string $key, array $rows): self
    {
        return new self('key', sprintf(
            'The key “%s” stands in rows %s. Which of them is meant? Leave one.',
            mb_substr($key, 0, 60),
            implode(' and ', $rows),
        ));
    }

    public static function partTwice(string $name): self
    {
        return new self('text', sprintf(
            'This is not a document of Undro: “%s” stands twice in one part of it, and only one of the two can be meant. Leave one.',
            mb_substr($name, 0, 60),
        ));
    }

    /** @param list<string> $parts */
    public static function unknownPart(string $name, array $parts): self
    {
        return new self('text', sprintf('“%s” is no part of a document. Its parts are %s.', mb_substr($name, 0, 60), implode(', ', $parts)));
    }

    public static function notATable(string $why): self
    {
        return new self('text', "This cannot be read as a table: $why. Save it as CSV, with the names of the columns in the first row.");
    }

    public static function notADocument(string $why): self
    {
        return new self('text', "This is not a document of Undro: $why.");
    }
}
