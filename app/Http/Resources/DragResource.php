<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Drag\Settings;
use App\Models\DragSetting;
use Undro\Drag\Drift;
use Undro\Drag\Guides;
use Undro\Json\Written;
use Undro\Units\Force;

/** Kept settings of a drag, and how they went over the years. */
final class DragResource
{
    /** @return array<string, mixed> */
    public static function all(Settings $settings): array
    {
        $said = static fn(DragSetting $setting): array => self::of($setting, $settings);
        $set = $settings->set();

        return [
            'settings' => $settings->all->reverse()->values()->map($said)->all(),
            'now' => ['set' => $set === null ? null : $said($set), 'points' => array_map($said, $settings->points())],
            'drift' => self::drift($settings->drift()),
            'guides' => Guides::measured($settings->kept()),
        ];
    }

    /** @return array<string, mixed> */
    public static function of(DragSetting $setting, Settings $settings): array
    {
        $came = $setting->measured();
        $kept = $setting->atAnotherLevel() ? null : $setting->kept();
        $newest = $kept === null ? null : $settings->newestLike($kept);
        $again = $kept?->again($newest?->at === $kept->at ? null : $newest);
        $at = $setting->event->happened_at;

        return [
            'id' => $setting->event->uuid,
            'happened_at' => $at,
            'angler' => $setting->event->angler_id,
            'note' => $setting->event->note,
            'fill_since' => $settings->fillAt($at),
            'mechanism' => $setting->mechanism->value,
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
            'peaks_only' => $came !== null && $came->peaksOnly,
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

    /** @return array<string, mixed>|null */
    private static function drift(?Drift $drift): ?array
    {
        return $drift === null ? null : [
            'knob' => $drift->knob->value,
            'position' => $drift->position,
            'points' => array_map(static fn(array $point): array => [
                'at' => $point['at'],
                'force_N' => $point['force'][0],
                'low_N' => $point['force'][1],
                'high_N' => $point['force'][2],
            ], $drift->points),
            ...Written::sentence($drift->says()),
        ];
    }
}
