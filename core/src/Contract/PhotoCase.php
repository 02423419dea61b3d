<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\BadInput;
use Undro\Input\Input;
use Undro\Photo\Camera;
use Undro\Photo\Lies;
use Undro\Photo\Mark;
use Undro\Photo\Photograph;
use Undro\Photo\Pixel;
use Undro\Photo\Reference;
use Undro\Photo\ReferenceKind;

/** "photo": lengths from a photograph with something of known size in it. */
final class PhotoCase implements Calculator
{
    private const MOST_PIXELS = 30_000;
    private const PIXEL_SD = 2.0;

    /**
     * Question and answer: handbook, chapter 7, "photo".
     *
     * @throws \Undro\DomainFault naming the figure that cannot be
     */
    public static function compute(Input $in): array
    {
        $image = $in->object('image');
        $camera = Camera::of(
            $image->number('width_px', 100, self::MOST_PIXELS),
            $image->number('height_px', 100, self::MOST_PIXELS),
            $in->optionalNumber('focal_35mm', 8, 300),
        );
        $on = $in->object('reference');
        $kind = $on->choice('kind', ReferenceKind::class);
        $length = $on->optionalMillimetres('length_mm', 5, 2000)?->inMillimetres();
        $kind !== ReferenceKind::Length || $length !== null || throw BadInput::missing('reference.length_mm');
        $reference = new Reference($kind, self::pixels($on, 'points', 2, 4), $kind === ReferenceKind::Length ? $length : null);
        $marks = [];
        foreach (Mark::cases() as $mark) {
            if ($mark === Mark::Lip || $in->object('marks')->has($mark->value)) {
                [$one, $two] = self::pixels($in->object('marks'), $mark->value, 2, 2) + [new Pixel(0, 0), new Pixel(0, 0)];
                $marks[$mark->value] = [$one, $two];
            }
        }
        $photograph = new Photograph($camera, $reference, $in->choice('lies', Lies::class, Lies::Table), $marks);
        $found = $photograph->measure($in->number('pixel_sd', 0.05, 100, self::PIXEL_SD));
        $result = [];
        foreach (['lip' => 'lip_diameter_mm', 'arbor' => 'arbor_diameter_mm', 'width' => 'traverse_mm', 'gap' => 'gap_mm'] as $name => $field) {
            if (isset($found['figures'][$name])) {
                $result[$field] = $found['figures'][$name][0];
                $result[($name === 'width' ? 'traverse' : $name) . '_sd_mm'] = $found['figures'][$name][1];
            }
        }

        return $result + ['distance_mm' => $found['distance'], 'tilt_deg' => $found['tilt']];
    }

    /** @return list<Pixel> */
    private static function pixels(Input $in, string $key, int $least, int $most): array
    {
        $pixel = static fn(Input $point): Pixel => new Pixel(
            $point->number('0', -self::MOST_PIXELS, 2 * self::MOST_PIXELS),
            $point->number('1', -self::MOST_PIXELS, 2 * self::MOST_PIXELS),
        );

        return array_map($pixel, $in->objects($key, $least, $most));
    }
}
