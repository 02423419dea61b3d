<?php

declare(strict_types=1);

namespace App\Drag;

use App\Models\DragSetting;
use Illuminate\Database\Eloquent\Collection;
use Undro\Drag\Drift;
use Undro\Drag\Kept;

/** The settings that stand of a spool in its reel, and when its fills were wound. */
final readonly class Settings
{
    /**
     * @param Collection<int, DragSetting> $all   oldest first
     * @param list<string>                 $fills when the fills were wound, oldest first, ISO 8601
     */
    public function __construct(public Collection $all, public array $fills) {}

    /** The last setting of the present fill, measured or made by hand; null: there is none. */
    public function set(): ?DragSetting
    {
        return $this->ofThisFill()->last(static fn(DragSetting $setting): bool => !$setting->atAnotherLevel());
    }

    /** @return list<DragSetting> measured since at other levels, the last of each */
    public function points(): array
    {
        $points = [];
        foreach ($this->ofThisFill() as $setting) {
            if (!$setting->atAnotherLevel()) {
                $points = [];
            } elseif ($setting->pulls !== []) {
                $elsewhere = static fn(DragSetting $point): bool => abs(
                    $point->line_out_m - $setting->line_out_m,
                ) > DragSetting::SAME_LEVEL_M;
                $points = [...array_filter($points, $elsewhere), $setting];
            }
        }

        return $points;
    }

    /** @return list<Kept> those that were measured with no line out, oldest first */
    public function kept(): array
    {
        return array_values(array_filter($this->all
            ->filter(static fn(DragSetting $setting): bool => !$setting->atAnotherLevel())
            ->map(static fn(DragSetting $setting): ?Kept => $setting->kept())->all()));
    }

    /** The last of them that a setting can be compared with. */
    public function newestLike(Kept $kept): ?Kept
    {
        $like = array_values(array_filter($this->kept(), $kept->comparable(...)));

        return $like === [] ? null : $like[count($like) - 1];
    }

    /** How the force at one place of the knob went over the settings; null: too few can be compared. */
    public function drift(): ?Drift
    {
        return Drift::of($this->kept());
    }

    /** When the fill was wound that lay on the spool at a time; null: not known. */
    public function fillAt(string $at): ?string
    {
        $before = array_values(array_filter($this->fills, static fn(string $fill): bool => $fill <= $at));

        return $before[count($before) - 1] ?? null;
    }

    /** @return Collection<int, DragSetting> oldest first */
    private function ofThisFill(): Collection
    {
        $since = $this->fills[count($this->fills) - 1] ?? '';

        return $this->all->filter(static fn(DragSetting $setting): bool => $setting->event->happened_at >= $since)->values();
    }
}
