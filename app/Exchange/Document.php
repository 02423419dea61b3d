<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Mappers\HistoryMapper;
use App\Exchange\Mappers\Mapper;
use App\Exchange\Mappers\Mappers;
use App\Models\Filler;
use App\Models\Reel;
use App\Models\Spool;
use App\Schema\Json;
use App\Schema\UnreadableJson;

/**
 * Everything of an account as one document of plain rows; docs/undro.schema.json describes it. Records are named by their
 * keys, figures stand as typed, and the event log is whole, so that reading it in elsewhere loses nothing.
 */
final class Document
{
    public const VERSION = 1;

    /** The fields of a plan's draft that name a record by number. */
    public const DRAFT_RECORDS = [
        'reel' => Reel::class,
        'spool' => Spool::class,
        'mainFiller' => Filler::class,
        'backingFiller' => Filler::class,
        'otherReel' => Reel::class,
        'otherSpool' => Spool::class,
    ];

    /** @return array<string, mixed> */
    public static function of(): array
    {
        return ['undro' => self::VERSION]
            + array_map(static fn(Mapper $mapper): array => $mapper->rows(), Mappers::all())
            + ['history' => (new HistoryMapper())->rows()];
    }

    /**
     * What a text has to take in, kind by kind, each after those it names.
     *
     * @return array{list<array{string, int, array<array-key, mixed>}>, list<array<array-key, mixed>>, list<string>} kind, number and row;
     *                                                       the history; and parts that nobody here knows
     *
     * @throws BadRow if it is no such document
     */
    public static function read(string $text): array
    {
        try {
            $document = Json::object($text);
        } catch (UnreadableJson $fault) {
            throw BadRow::notADocument($fault->getMessage());
        }
        $twice = Json::twice($text);
        $twice === null || throw BadRow::partTwice($twice);
        ($document['undro'] ?? null) === self::VERSION || throw BadRow::notADocument('it does not begin with "undro": 1');
        $records = [];
        foreach (array_keys(Mappers::all()) as $kind) {
            foreach (self::list($document, $kind) as $index => $row) {
                $records[] = [$kind, $index + 1, $row];
            }
        }

        $unknown = array_diff(array_keys($document), self::parts());

        return [$records, self::list($document, 'history'), array_map(strval(...), array_values($unknown))];
    }

    /** @return list<string> */
    public static function parts(): array
    {
        return ['undro', ...array_keys(Mappers::all()), 'history'];
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return list<array<array-key, mixed>> what is no object is an empty one, which fits nothing
     */
    private static function list(array $document, string $kind): array
    {
        $rows = $document[$kind] ?? [];
        is_array($rows) || throw BadRow::notADocument("“{$kind}” is not a list");

        return array_map(static fn(mixed $row): array => is_array($row) ? $row : [], array_values($rows));
    }
}
