<?php

declare(strict_types=1);

namespace Undro\Lesson;

use Undro\Fill\Role;
use Undro\Line\Line;
use Undro\Spool\LipShape;
use Undro\Spool\ReelKind;
use Undro\Spool\Spool;
use Undro\Twist\Feed;
use Undro\Twist\Sense;
use Undro\Units\Diameter;
use Undro\Units\Force;
use Undro\Units\Length;

/** What there is to see now; each part only where there is something of it to see. */
final readonly class Scene
{
    /**
     * @param array{spool: Spool, kind: ReelKind, lip: LipShape, bevel: Length|null, line: Line, role: Role, surface: Diameter, mark: Length|null,
     *              blade: Length|null}|null $spool cut in half; its mark and where a blade stands, under the lip
     * @param array{feed: Feed, rotor: Sense|null, filler: Sense|null}|null $seat from the angler's seat; null: not looked at
     * @param array{loops: int, knots: int, spins: bool|null}|null          $slack a metre of it from the tip; null: nobody looked, spins: of the free end
     * @param array{force: Force, target: Force, within: list<Force>, line: Force, parted: bool}|null $rod the band round its target, least and most
     */
    public function __construct(
        public ?array $spool = null,
        public ?array $seat = null,
        public ?array $slack = null,
        public ?array $rod = null,
    ) {}
}
