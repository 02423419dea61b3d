<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Log\DragLog;
use App\Models\DragSetting;
use Undro\Json\Written;
use Undro\Units\Force;

/** A kept setting of the drag. */
final class DragResource
{
    /**
     * @param list<string> $fills when the fills of the spool were wound, oldest first
     *
     * @return array<string, mixed>
     */
    public static function of(DragSetting $setting, array $fills): array
    {
        $came = $setting->measured();
        $again = $setting->atAnotherLevel() ? null : DragLog::kept($setting)?->again();
        $at = $setting->event->happened_at;
        $before = array_values(array_filter($fills, static fn(string $fill): bool => $fill <= $at));

        return [
            'id' => $setting->event->uuid,
            'happened_at' => $at,
            'angler' => $setting->event->angler_id,
            'note' => $setting->event->note,
            'fill_since' => $before === [] ? null : $before[count($before) - 1],
            'mechanism' => $setting->mechanism,
            'knob' => $setting->knob->value,
            'from_off' => $setting->from_off,
            'position' => $came?->position(),
            'tip' => $setting->tip,
            'rod_angle_deg' => $setting->rod_angle_deg,
            'line_out_m' => $setting->line_out_m,
            'at_another_level' => $setting->atAnotherLevel(),
            'surface_mm' => $setting->surface_mm,
            'target_N' => $setting->target_n,
            'weakest' => $setting->weakest,
            'weakest_N' => $setting->weakest_n,
            'measured' => $came !== null,
            'accepted' => $came !== null && $came->meet(Force::newtons($setting->target_n)),
            'median_N' => $came?->median->inNewtons(),
            'running_N' => $came?->running->inNewtons(),
            'sticky' => $came !== null && $came->sticky(),
            'scattered' => $came !== null && $came->scattered(),
            'pulls' => $setting->pulls,
            'temperature' => $setting->temperature,
            'chain' => (object) $setting->chain,
            'again' => $again === null ? null : ['position' => $again[0], ...Written::sentence($again[1])],
        ];
    }
}
