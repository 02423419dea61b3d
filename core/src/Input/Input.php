<?php

declare(strict_types=1);

namespace Undro\Input;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\ForceUnit;
use Undro\Units\Length;
use Undro\Units\LengthUnit;
use Undro\Units\Typed;

/**
 * Reads a decoded JSON object field by field, with bounds, and names the field when something is wrong.
 * A quantity may be a number in the unit of its field's name, or text as typed ("1.8 in"), whose unit counts.
 */
final readonly class Input
{
    /** @param array<array-key, mixed> $fields */
    private function __construct(private array $fields, private string $path) {}

    /** @param array<array-key, mixed> $fields a decoded JSON object */
    public static function of(array $fields): self
    {
        return new self($fields, '');
    }

    /** @return array<array-key, mixed> everything that was sent */
    public function all(): array
    {
        return $this->fields;
    }

    /** Whether the field is there and not null. */
    public function has(string $key): bool
    {
        return isset($this->fields[$key]);
    }

    /** Whether the field is there, even as null. */
    public function mentions(string $key): bool
    {
        return array_key_exists($key, $this->fields);
    }

    /**
     * A number, also as typed.
     *
     * @throws BadInput if it is missing without a default, or out of bounds
     */
    public function number(string $key, float $least, float $most, ?float $default = null): float
    {
        return $this->optionalNumber($key, $least, $most) ?? $default ?? throw BadInput::missing($this->at($key));
    }

    /**
     * A number, also as typed; null: not there, or empty.
     *
     * @throws BadInput if it is out of bounds
     */
    public function optionalNumber(string $key, float $least, float $most, string $unit = ''): ?float
    {
        $value = $this->fields[$key] ?? null;
        if ($value === null || $value === '') {
            return null;
        }
        if (is_string($value)) {
            $value = $this->read($key, fn(): float => Typed::number($this->short($key, $value)));
        }
        is_int($value) || is_float($value) || throw BadInput::wrongType($this->at($key), 'a number');

        return $this->bounded($key, (float) $value, $least, $most, $unit);
    }

    /** Millimetres. */
    public function diameter(string $key, float $least, float $most): Diameter
    {
        return $this->optionalDiameter($key, $least, $most) ?? throw BadInput::missing($this->at($key));
    }

    /** Millimetres. */
    public function optionalDiameter(string $key, float $least, float $most): ?Diameter
    {
        $millimetres = $this->quantity(
            $key,
            $least,
            $most,
            'mm',
            static fn(string $typed): float => Typed::diameter($typed, LengthUnit::Millimetre)->inMillimetres(),
        );

        return $millimetres === null ? null : Diameter::millimetres($millimetres);
    }

    /** Millimetres. */
    public function optionalMillimetres(string $key, float $least, float $most): ?Length
    {
        $millimetres = $this->quantity(
            $key,
            $least,
            $most,
            'mm',
            static fn(string $typed): float => Typed::length($typed, LengthUnit::Millimetre)->inMillimetres(),
        );

        return $millimetres === null ? null : Length::millimetres($millimetres);
    }

    /** Metres. */
    public function metres(string $key, float $least, float $most, ?float $default = null): Length
    {
        return $this->optionalMetres($key, $least, $most)
            ?? ($default === null ? throw BadInput::missing($this->at($key)) : Length::metres($default));
    }

    /** Metres. */
    public function optionalMetres(string $key, float $least, float $most): ?Length
    {
        $metres = $this->quantity(
            $key,
            $least,
            $most,
            'm',
            static fn(string $typed): float => Typed::length($typed, LengthUnit::Metre)->inMetres(),
        );

        return $metres === null ? null : Length::metres($metres);
    }

    /**
     * Metres as typed with how well they are known, "80 ± 12 m".
     *
     * @return array{Length|null, Length|null} and half the band
     */
    public function metresWithin(string $key, float $least, float $most): array
    {
        $typed = $this->all()[$key] ?? null;
        if (!is_string($typed) || trim($typed) === '') {
            return [$this->optionalMetres($key, $least, $most), null];
        }
        [$length, $half] = $this->read($key, fn(): array => Typed::lengthWithin($this->short($key, $typed), LengthUnit::Metre));
        $this->within($key, $length->inMetres(), $least, $most, 'm');
        $half === null || $this->within($key, $half->inMetres(), 0, $most, 'm');

        return [$length, $half === null || $half->inMetres() <= 0 ? null : $half];
    }

    /** Newtons. */
    public function force(string $key, float $least, float $most): Force
    {
        return $this->optionalForce($key, $least, $most) ?? throw BadInput::missing($this->at($key));
    }

    /** Newtons. */
    public function optionalForce(string $key, float $least, float $most): ?Force
    {
        $newtons = $this->quantity(
            $key,
            $least,
            $most,
            'N',
            static fn(string $typed): float => Typed::force($typed, ForceUnit::Newton)->inNewtons(),
        );

        return $newtons === null ? null : Force::newtons($newtons);
    }

    /**
     * True or false.
     *
     * @throws BadInput if it is neither
     */
    public function boolean(string $key, bool $default = false): bool
    {
        $value = $this->fields[$key] ?? $default;

        return is_bool($value) ? $value : throw BadInput::wrongType($this->at($key), 'yes or no');
    }

    /**
     * Text; empty where it is not there.
     *
     * @throws BadInput if it is longer than may be
     */
    public function text(string $key, int $most): string
    {
        return $this->short($key, $this->fields[$key] ?? '', $most);
    }

    /** A figure in the words it was typed in, or the number that was sent. */
    public function asTyped(string $key): string
    {
        $typed = $this->fields[$key] ?? '';

        return is_string($typed) ? trim($this->short($key, $typed)) : (is_scalar($typed) ? (string) $typed : '');
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param T|null          $default null: the field is needed
     *
     * @return T
     */
    public function choice(string $key, string $enum, ?\BackedEnum $default = null): \BackedEnum
    {
        return $this->optionalChoice($key, $enum) ?? $default ?? throw BadInput::missing($this->at($key));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function optionalChoice(string $key, string $enum): ?\BackedEnum
    {
        $value = $this->fields[$key] ?? null;
        if ($value === null || $value === '') {
            return null;
        }

        return $this->oneOf($key, $value, $enum);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function choices(string $key, string $enum): array
    {
        return array_map(fn(mixed $value): \BackedEnum => $this->oneOf($key, $value, $enum), $this->values($key, 0, 50));
    }

    /**
     * Short words by key.
     *
     * @return array<string, string>
     */
    public function words(string $key, int $most): array
    {
        $value = $this->fields[$key] ?? [];
        is_array($value) && count($value) <= $most || throw BadInput::wrongType($this->at($key), "at most $most words with their names");
        $words = [];
        foreach ($value as $name => $word) {
            $words[(string) $name] = $this->short($key, $word);
        }

        return $words;
    }

    /**
     * An object in it, whose faults name the whole path.
     *
     * @throws BadInput if there is none
     */
    public function object(string $key): self
    {
        $value = $this->fields[$key] ?? throw BadInput::missing($this->at($key));

        return is_array($value) && ($value === [] || !array_is_list($value))
            ? new self($value, $this->at($key))
            : throw BadInput::wrongType($this->at($key), 'figures with their names');
    }

    /** @return list<self> */
    public function objects(string $key, int $least, int $most): array
    {
        $objects = [];
        foreach ($this->values($key, $least, $most) as $index => $value) {
            $path = $this->at($key) . ".$index";
            $objects[] = is_array($value) ? new self($value, $path) : throw BadInput::wrongType($path, 'figures with their names');
        }

        return $objects;
    }

    /** @return list<string> */
    public function texts(string $key, int $least, int $count, int $most): array
    {
        return array_map(fn(mixed $value): string => $this->short($key, $value, $most), $this->values($key, $least, $count));
    }

    /**
     * Objects by their names.
     *
     * @return array<string, self>
     */
    public function named(string $key, int $most): array
    {
        $value = $this->fields[$key] ?? [];
        is_array($value) || throw BadInput::wrongType($this->at($key), 'figures with their names');
        count($value) <= $most || throw BadInput::tooMany($this->at($key), $most);
        $objects = [];
        foreach ($value as $name => $object) {
            $path = $this->at($key) . ".$name";
            $objects[(string) $name] = is_array($object) ? new self($object, $path) : throw BadInput::wrongType($path, 'figures with their names');
        }

        return $objects;
    }

    /** @return list<float> */
    public function numbers(string $key, float $least, float $most, string $unit, int $count): array
    {
        return array_map(function (mixed $value) use ($key, $least, $most, $unit): float {
            is_int($value) || is_float($value) || throw BadInput::wrongType($this->at($key), 'several numbers');

            return $this->bounded($key, (float) $value, $least, $most, $unit);
        }, $this->values($key, 0, $count));
    }

    /**
     * Runs a core constructor; a fault it reports is placed under this object's path.
     *
     * @template T
     *
     * @param callable(): T $make
     *
     * @return T
     */
    public function make(callable $make): mixed
    {
        try {
            return $make();
        } catch (BadInput $fault) {
            throw $fault; // its path is whole already
        } catch (DomainFault $fault) {
            throw $fault->under($this->path);
        }
    }

    /**
     * Reads typed text; a fault is placed at the field.
     *
     * @template T
     *
     * @param callable(): T $read
     *
     * @return T
     */
    public function read(string $key, callable $read): mixed
    {
        try {
            return $read();
        } catch (DomainFault $fault) {
            throw (new BadInput('', $fault->says, $fault->more))->under($this->at($key));
        }
    }

    /** Refuses a figure read from this field that is out of its bounds. */
    public function within(string $key, float $value, float $least, float $most, string $unit): void
    {
        $this->bounded($key, $value, $least, $most, $unit);
    }

    private function at(string $key): string
    {
        return $this->path === '' ? $key : "$this->path.$key";
    }

    /** @param callable(string): float $typed */
    private function quantity(string $key, float $least, float $most, string $unit, callable $typed): ?float
    {
        $value = $this->fields[$key] ?? null;
        if (is_string($value) && trim($value) !== '') {
            $value = $this->read($key, fn(): float => $typed($this->short($key, $value)));

            return $this->bounded($key, $value, $least, $most, $unit);
        }

        return is_string($value) ? null : $this->optionalNumber($key, $least, $most, $unit);
    }

    private function bounded(string $key, float $value, float $least, float $most, string $unit): float
    {
        return is_finite($value) && $value >= $least && $value <= $most
            ? $value
            : throw BadInput::outOfRange($this->at($key), $value, $least, $most, $unit);
    }

    private function short(string $key, mixed $value, int $most = 60): string
    {
        is_string($value) || throw BadInput::wrongType($this->at($key), 'text');

        return mb_strlen($value) <= $most ? $value : throw BadInput::tooLong($this->at($key), $most);
    }

    /** @return list<mixed> */
    private function values(string $key, int $least, int $most): array
    {
        $value = $this->fields[$key] ?? [];
        is_array($value) && array_is_list($value) || throw BadInput::wrongType($this->at($key), 'several, one after the other');
        count($value) >= $least || throw BadInput::missing($this->at($key));

        return count($value) <= $most ? $value : throw BadInput::tooMany($this->at($key), $most);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    private function oneOf(string $key, mixed $value, string $enum): \BackedEnum
    {
        $choices = array_map(static fn(\BackedEnum $case): string => (string) $case->value, $enum::cases());
        is_string($value) || throw BadInput::wrongType($this->at($key), 'one of ' . implode(', ', $choices));

        return $enum::tryFrom($value) ?? throw BadInput::notAChoice($this->at($key), $value, $choices);
    }
}
