<?php

declare(strict_types=1);

namespace Undro\Photo;

use Undro\Units\Length;

/**
 * A spool photographed from the side with a thing of known size beside it.
 * Source: handbook, chapter 2, "Measure from a photograph".
 */
final readonly class Photograph
{
    /** A view flatter than this measures nothing, degrees from square-on. */
    public const MOST_TILT = 40.0;
    /** A measure is never surer than this, relative. */
    private const LEAST_SD = 0.005;
    /** The lip's height above the card follows from the lip itself: so often at most. */
    private const ROUNDS = 50;

    /** @param array<string, array{Pixel, Pixel}> $marks by the value of their Mark; the lip is among them */
    public function __construct(private Camera $camera, private Reference $reference, private Lies $lies, private array $marks) {}

    /**
     * Returns what is marked, in mm, each with its standard deviation.
     *
     * @param float $pixelSd how exactly a point is marked, px
     *
     * @return array{figures: array<string, array{float, float}>, distance: float, tilt: float} by “lip”, “arbor”, “width” and “gap”; to the
     *                                                                                          middle of the reference, mm; degrees
     *
     * @throws BadPhoto naming the field
     */
    public function measure(float $pixelSd): array
    {
        $this->reference->check($this->camera);
        $plane = $this->reference->plane($this->camera);
        $plane->tilt() <= self::MOST_TILT || throw BadPhoto::tilted($plane->tilt());
        if ($this->lies === Lies::Flange) {
            foreach ([Mark::Arbor, Mark::Line, Mark::Width] as $mark) {
                isset($this->marks[$mark->value]) && throw BadPhoto::onlyTheLip($mark);
            }
        }
        $figures = $this->figures();
        $this->holdTogether($figures);
        $sds = $this->sds($figures, $pixelSd);
        unset($figures['line']);
        $with = [];
        foreach ($figures as $name => $millimetres) {
            $with[$name] = [$millimetres, max($sds[$name], self::LEAST_SD * abs($millimetres))];
        }

        return ['figures' => $with, 'distance' => $plane->point->length(), 'tilt' => $plane->tilt()];
    }

    /**
     * @return array<string, float> mm
     *
     * @throws BadPhoto naming a mark that gives no length
     */
    private function figures(): array
    {
        $plane = $this->reference->plane($this->camera);
        $lip = $this->chord(Mark::Lip, $plane);
        if ($this->lies === Lies::Table) {
            // the axis lies half a lip above the card
            for ($round = 0; $round < self::ROUNDS; ++$round) {
                $before = $lip;
                $lip = $this->chord(Mark::Lip, $plane->raised($before / 2));
                if (abs($lip - $before) < 1e-9) {
                    break;
                }
            }
            $plane = $plane->raised($lip / 2);
        }
        $figures = ['lip' => $lip];
        foreach ([Mark::Arbor, Mark::Line, Mark::Width] as $mark) {
            if (isset($this->marks[$mark->value])) {
                $figures[$mark->value] = $this->chord($mark, $plane);
            }
        }

        return isset($figures['line']) ? $figures + ['gap' => ($lip - $figures['line']) / 2] : $figures;
    }

    /** How far the two points of a mark are from each other on a plane; of something round, its diameter, mm. */
    private function chord(Mark $mark, Plane $plane): float
    {
        [$one, $two] = $this->marks[$mark->value];
        [$from, $to] = [$plane->cut($this->camera->ray($one)), $plane->cut($this->camera->ray($two))];
        $chord = $from === null || $to === null ? 0.0 : $to->minus($from)->length();
        if ($from === null || $to === null || $chord < 1e-6 || !is_finite($chord)) {
            throw BadPhoto::unseen($mark);
        }
        if (!$mark->isRound() || $this->lies === Lies::Flange) {
            return $chord;
        }
        // the camera sees tangents of a round body: on the plane of its axis they are a little farther apart than it is wide
        $height = $plane->height();
        $foot = $plane->foot()->minus($from)->dot($to->minus($from)) / $chord;

        return 2 * $chord * $height / (hypot($height, $foot) + hypot($height, $foot - $chord));
    }

    /**
     * @param array<string, float> $figures
     *
     * @throws BadPhoto
     */
    private function holdTogether(array $figures): void
    {
        $lip = $figures['lip'];
        if (($figures['arbor'] ?? 0.0) >= $lip) {
            throw BadPhoto::arborOverLip(Length::millimetres($figures['arbor']), Length::millimetres($lip));
        }
        $line = $figures['line'] ?? $lip;
        if ($line > 1.02 * $lip || $line < 0.98 * ($figures['arbor'] ?? 0.0)) {
            throw BadPhoto::lineOutside(Length::millimetres($line), Length::millimetres($lip));
        }
    }

    /**
     * What each figure changes by when one coordinate, or the focal length, is moved by its own uncertainty, added as squares.
     *
     * @param array<string, float> $figures
     *
     * @return array<string, float>
     */
    private function sds(array $figures, float $pixelSd): array
    {
        $squares = array_map(fn(float $figure): float => ($this->reference->sd() * $figure) ** 2, $figures);
        foreach ([...$this->moved($pixelSd), new self($this->camera->longer($this->camera->focalSd), $this->reference, $this->lies, $this->marks)] as $other) {
            try {
                foreach ($other->figures() as $name => $figure) {
                    $squares[$name] += ($figure - $figures[$name]) ** 2;
                }
            } catch (BadPhoto) {
                // so moved it gives no length: the other moves say how sure it is
            }
        }

        return array_map(sqrt(...), $squares);
    }

    /** @return iterable<self> with one coordinate moved */
    private function moved(float $by): iterable
    {
        foreach ([[$by, 0.0], [0.0, $by]] as [$x, $y]) {
            $move = static fn(Pixel $point): Pixel => new Pixel($point->x + $x, $point->y + $y);
            foreach ($this->reference->points as $i => $point) {
                yield new self($this->camera, $this->reference->with($i, $move($point)), $this->lies, $this->marks);
            }
            foreach ($this->marks as $name => [$one, $two]) {
                yield new self($this->camera, $this->reference, $this->lies, [$name => [$move($one), $two]] + $this->marks);
                yield new self($this->camera, $this->reference, $this->lies, [$name => [$one, $move($two)]] + $this->marks);
            }
        }
    }
}
