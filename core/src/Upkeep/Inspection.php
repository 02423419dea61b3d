<?php

declare(strict_types=1);

namespace Undro\Upkeep;

use Undro\Units\Length;

/** What was seen and felt of a main line, and where, counted from its outer end. */
final readonly class Inspection
{
    /**
     * @param string      $at   ISO 8601
     * @param Length|null $from of the outer end; null: all along
     * @param Length|null $to
     */
    private function __construct(public string $at, public Finding $found, public ?Length $from, public ?Length $to) {}

    /**
     * @param Length|null $from alone: there, and no further
     *
     * @throws BadUpkeep if it ends before it begins
     */
    public static function of(string $at, Finding $found, ?Length $from = null, ?Length $to = null): self
    {
        $from === null || $to === null || $to->inMetres() >= $from->inMetres() || throw BadUpkeep::endsBeforeItBegins($from, $to);

        return new self($at, $found, $from ?? ($to === null ? null : Length::metres(0)), $to ?? $from);
    }

    /** The same once so much of the outer end is gone; null: what was found went with it. */
    public function cutBack(Length $off): ?self
    {
        if ($this->from === null || $this->to === null) {
            return $this;
        }
        $to = $this->to->inMetres() - $off->inMetres();

        return $to <= 0 && $off->inMetres() > 0
            ? null
            : new self($this->at, $this->found, Length::metres(max(0.0, $this->from->inMetres() - $off->inMetres())), Length::metres($to));
    }

    /** The same once a main line of this length was turned end for end. */
    public function turned(Length $main): self
    {
        return $this->from === null || $this->to === null ? $this : new self(
            $this->at,
            $this->found,
            Length::metres(max(0.0, $main->inMetres() - $this->to->inMetres())),
            Length::metres(max(0.0, $main->inMetres() - $this->from->inMetres())),
        );
    }

    /**
     * Those that still count, the worst first: one that found all of it fine ends those before it, one that found a stretch fine those
     * within that stretch.
     *
     * @param list<self> $inspections oldest first, each as it lies now
     *
     * @return list<self>
     */
    public static function standing(array $inspections): array
    {
        $standing = [];
        foreach ($inspections as $each) {
            if ($each->found === Finding::Fine) {
                $standing = array_values(array_filter($standing, static fn(self $earlier): bool => !$each->covers($earlier)));
            }
            $standing[] = $each;
        }
        usort($standing, static fn(self $a, self $b): int => [$a->found->condition(), $b->at] <=> [$b->found->condition(), $a->at]);

        return $standing;
    }

    private function covers(self $other): bool
    {
        return $this->from === null || $this->to === null || ($other->from !== null && $other->to !== null
            && $this->from->inMetres() <= $other->from->inMetres() && $this->to->inMetres() >= $other->to->inMetres());
    }
}
