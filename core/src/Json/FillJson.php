<?php

declare(strict_types=1);

namespace Undro\Json;

use Undro\Fill\Fill;
use Undro\Fill\FilledLayer;
use Undro\Fill\Layer;
use Undro\Fill\Role;
use Undro\Fill\Solved;
use Undro\Input\Bounds;
use Undro\Input\Input;

/** A fill with its layers, and a layer as it is given. */
final class FillJson
{
    /** @return array<string, mixed> */
    public static function write(Fill $fill): array
    {
        $out = [
            'full_volume_mm3' => $fill->full->inCubicMillimetres(),
            'filled_fraction' => $fill->filledFraction,
            'gap_mm' => $fill->gap->inMillimetres(),
            'source' => $fill->spool->source->value,
            'volume_sd' => $fill->spool->sd,
            'layers' => self::layers($fill),
        ];
        if ($fill->solved !== null) {
            $out['solved'] = self::solved($fill->solved);
        }

        return $out;
    }

    /** @return list<array<string, mixed>> from the arbor out */
    public static function layers(Fill $fill): array
    {
        return array_map(static fn(FilledLayer $layer): array => self::filled($layer, $fill), $fill->layers);
    }

    /** @return array<string, mixed> */
    private static function solved(Solved $solved): array
    {
        return [
            'index' => $solved->index,
            'length_m' => $solved->band->middle->inMetres(),
            'low_m' => $solved->band->low()->inMetres(),
            'high_m' => $solved->band->high()->inMetres(),
        ];
    }

    /** @return array<string, mixed> */
    private static function filled(FilledLayer $layer, Fill $fill): array
    {
        return array_filter([
            'role' => $layer->layer->role->value,
            'material' => $layer->layer->line->material->value,
            'diameter_mm' => $layer->layer->line->diameter->inMillimetres(),
            'length_m' => $layer->length->inMetres(),
            'share_of_full' => $layer->volume($fill->spool->lay)->inCubicMillimetres() / $fill->full->inCubicMillimetres(),
            'bottom_diameter_mm' => $layer->bottom?->inMillimetres(),
            'top_diameter_mm' => $layer->top?->inMillimetres(),
            'depth_mm' => $layer->depth?->inMillimetres(),
            'wraps' => $layer->wraps,
            'handle_turns' => $layer->handleTurns,
            'retrieve_m' => $layer->retrieve?->inMetres(),
        ], static fn(mixed $value): bool => $value !== null);
    }

    /** @throws \Undro\DomainFault */
    public static function layer(Input $in): Layer
    {
        $role = $in->choice('role', Role::class, Role::Main);
        $line = SpoolInput::line($in);
        $length = $in->optionalMetres('length_m', ...Bounds::LENGTH_M);

        return $length === null ? Layer::open($role, $line) : Layer::of($role, $line, $length);
    }
}
