<?php

declare(strict_types=1);

namespace Undro\Printed;

use Undro\DomainFault;
use Undro\Units\Diameter;
use Undro\Units\Length;
use Undro\Units\Sentence;

/** Print that cannot be read: which piece of it ("piece", as typed), and what it could have been ("near"). */
final class BadPrint extends DomainFault
{
    private const MOST = 40;

    /** The piece as it was typed. */
    public function piece(): string
    {
        return $this->more['piece'] ?? '';
    }

    /** The same, with the nearest to the piece, and the whole text ("instead") that comes of it and can be read. */
    public function nearest(string $near, string $instead): self
    {
        return new self($this->field, $this->says->before(" Did you mean “{$near}”?"), [
            'piece' => $this->piece(),
            'near' => $near,
            'instead' => $instead,
        ]);
    }

    /** Names “text”. */
    public static function unreadable(string $piece): self
    {
        return self::at($piece, '“' . self::shorten($piece) . '” can’t be read.');
    }

    /** Names “text”. */
    public static function nothing(): self
    {
        return self::at('', 'Nothing was typed.');
    }

    /** A size with no length beside it, or a length with no size. Names “text”. */
    public static function alone(string $piece): self
    {
        return self::at($piece, '“' . self::shorten($piece) . '” is only half of it. A capacity is a size and a length, such as 0.25/200.');
    }

    /** A length where a size is asked for. Names “text”. */
    public static function onlyLength(string $piece): self
    {
        return self::at($piece, '“' . self::shorten($piece) . '” is a length. Type how thick or how strong the line is.');
    }

    /** Names “text”. */
    public static function notAboveZero(string $piece): self
    {
        return self::at($piece, '“' . self::shorten($piece) . '”: every figure must be above 0.');
    }

    /** Names “text”. */
    public static function thick(string $piece, Diameter $diameter): self
    {
        return self::at(
            $piece,
            Sentence::of('“' . self::shorten($piece) . '” reads as line {0} thick, and no fishing line is. Check the figure and its unit.', $diameter),
        );
    }

    /** Names “text”. */
    public static function thin(string $piece, Diameter $diameter): self
    {
        return self::at(
            $piece,
            Sentence::of('“' . self::shorten($piece) . '” reads as line {0} thick, thinner than any. Check the figure and its unit.', $diameter),
        );
    }

    /** Names “text”. */
    public static function long(string $piece, Length $length): self
    {
        return self::at(
            $piece,
            Sentence::of('“' . self::shorten($piece) . '” reads as {0} of line, more than any spool holds. Check the figure and its unit.', $length),
        );
    }

    /** A PE number on another material. Names “text”. */
    public static function peNotBraid(string $piece, string $material): self
    {
        return self::at($piece, "A PE number belongs to braid, and this line is $material. Choose braid, or give another size.");
    }

    /** Print that names another material than the field. Names “text”. */
    public static function otherMaterial(string $piece, string $said, string $material): self
    {
        return self::at($piece, '“' . self::shorten($piece) . "” says $said, and this line is $material. Choose $said, or leave the word out.");
    }

    /** Two sizes of one line that contradict each other, or more figures than a line has. Names “text”. */
    public static function tooMuch(string $piece): self
    {
        return self::at($piece, '“' . self::shorten($piece) . '” has too many figures. A line has a diameter, a strength and a length.');
    }

    /**
     * Where one must be told from the other before anything is written down. Names “text”.
     *
     * @param non-empty-list<string> $ways
     */
    public static function ambiguous(string $piece, array $ways): self
    {
        return self::at($piece, '“' . self::shorten($piece) . '” can be read as ' . implode(' or as ', $ways) . '. Add its unit.');
    }

    private static function at(string $piece, string|Sentence $says): self
    {
        return new self('text', $says, ['piece' => $piece]);
    }

    private static function shorten(string $typed): string
    {
        return mb_strlen($typed) > self::MOST ? mb_substr($typed, 0, self::MOST - 1) . '…' : $typed;
    }
}
