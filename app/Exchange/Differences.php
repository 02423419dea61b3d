<?php

declare(strict_types=1);

namespace App\Exchange;

/** Which figures of a record a row changes, from what to what. */
final class Differences
{
    /** A row that changes more is shown by its first. */
    private const MOST = 20;

    /** @var list<array{field: string, from: string, to: string}> */
    public array $all = [];

    public function add(string $field, string $from, string $to): void
    {
        if (count($this->all) < self::MOST) {
            $this->all[] = ['field' => $field, 'from' => mb_substr($from, 0, 120), 'to' => mb_substr($to, 0, 120)];
        }
    }

    /**
     * What is said and is not here yet.
     *
     * @param \Closure(string, string): string $named what a record is called by its key, by the field that names it
     */
    public function between(string $field, mixed $here, mixed $said, \Closure $named): void
    {
        if (is_array($said) && (!array_is_list($said) || (is_array($here) && $here !== [] && !array_is_list($here)))) {
            foreach ($said as $part => $value) {
                $this->between("$field.$part", is_array($here) ? $here[$part] ?? null : null, $value, $named);
            }
        } elseif (!self::equal($said, $here)) {
            [$from, $to] = [self::text($field, $here, $named), self::text($field, $said, $named)];
            $this->add($field, $from, $from === $to ? "$to, not all the same" : $to);
        }
    }

    public static function equal(mixed $one, mixed $other): bool
    {
        if (is_array($one) && is_array($other)) {
            $same = static fn(int|string $key): bool => array_key_exists($key, $other) && self::equal($one[$key], $other[$key]);

            return count($one) === count($other) && array_filter(array_keys($one), $same) === array_keys($one);
        }
        if (is_float($one) || is_float($other)) {
            return is_numeric($one) && is_numeric($other) && !is_string($one) && !is_string($other) && (float) $one === (float) $other;
        }

        return $one === $other;
    }

    /** @param \Closure(string, string): string $named */
    private static function text(string $field, mixed $value, \Closure $named): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => $named($field, $value),
            is_scalar($value) => (string) $value,
            is_array($value) && array_filter($value, is_string(...)) === $value => implode(
                ', ',
                array_map(static fn(string $each): string => $named($field, $each), $value),
            ),
            is_array($value) => count($value) . (count($value) === 1 ? ' entry' : ' entries'),
            default => '',
        };
    }
}
