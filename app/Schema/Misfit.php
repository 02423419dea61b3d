<?php

declare(strict_types=1);

namespace App\Schema;

use Opis\JsonSchema\Errors\ValidationError;

/** Where something does not fit its schema, and why, in words. */
final readonly class Misfit
{
    private const TYPES = [
        'string' => 'words or a figure as typed, in quotes',
        'boolean' => 'yes or no',
        'array' => 'several, one after the other',
        'object' => 'figures with their names',
        'integer' => 'a whole number',
        'number' => 'a number',
        'null' => 'nothing',
    ];

    /**
     * @param string $path dotted, from the top of what was checked; empty: the whole of it
     * @param string $why  such as "may have at most 80 characters, not 100", without a full stop
     */
    public function __construct(public string $path, public string $why) {}

    public static function why(ValidationError $error): string
    {
        $schema = $error->schema()->info()->data();
        $args = $error->args();
        $figure = static fn(string $name): string => is_scalar($args[$name] ?? null) ? (string) $args[$name] : '';

        return match ($error->keyword()) {
            'enum' => 'must be one of ' . implode(
                ', ',
                array_filter(is_object($schema) && isset($schema->enum) && is_array($schema->enum) ? $schema->enum : [], is_string(...)),
            ),
            'minLength', 'minItems' => 'is missing',
            'maxLength' => "may have at most {$figure('max')} characters, not {$figure('length')}",
            'maxItems', 'maxProperties' => "may have at most {$figure('max')} entries, not {$figure('count')}",
            'minimum' => "must be {$figure('min')} or more",
            'maximum' => "must be {$figure('max')} or less",
            'format' => $figure('format') === 'uuid' ? 'is no id (a UUID)' : "is not {$figure('format')}",
            'pattern' => $figure('pattern') === '\S' ? 'is missing' : 'is no id (a UUID)',
            'type' => self::type($error),
            default => 'does not fit here',
        };
    }

    private static function type(ValidationError $error): string
    {
        $expected = array_filter((array) ($error->args()['expected'] ?? []), is_string(...));
        $typed = $error->data()->value();
        $said = match (true) {
            is_string($typed) => '“' . mb_substr($typed, 0, 40) . '”',
            is_int($typed), is_float($typed) => (string) $typed,
            is_bool($typed) => $typed ? 'yes' : 'no',
            $typed === null => 'nothing',
            default => is_array($typed) ? 'several' : 'figures with their names',
        };
        if ($expected === ['boolean'] && is_string($typed)) {
            return "must be yes or no, not $said";
        }

        return sprintf(
            'must be %s, not %s',
            implode(
                ' or ',
                array_map(
                    static fn(string $type): string => self::TYPES[$type] ?? $type,
                    array_values(array_diff($expected, ['null'])) ?: $expected,
                ),
            ),
            $said,
        );
    }
}
