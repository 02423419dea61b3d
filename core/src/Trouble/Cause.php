<?php

declare(strict_types=1);

namespace Undro\Trouble;

use Undro\Line\Material;
use Undro\Spool\ReelKind;

/** Where a trouble comes from, and what to do about it. Source: handbook, chapter 1, troubleshooting. */
enum Cause: string
{
    case SpinningLure = 'spinning_lure';
    case AgainstRotor = 'against_rotor';
    case Memory = 'memory';
    case SlippingDrag = 'slipping_drag';
    case BailByHandle = 'bail_by_handle';
    case Twist = 'twist';
    case Overfilled = 'overfilled';
    case LooseWraps = 'loose_wraps';
    case RoughLay = 'rough_lay';
    case SpoolTension = 'spool_tension';
    case BrakeLow = 'brake_low';
    case ThumbLate = 'thumb_late';
    case IntoWind = 'into_wind';
    case LightLure = 'light_lure';
    case BareArbor = 'bare_arbor';
    case ShortGrip = 'short_grip';
    case ThickUnder = 'thick_under';
    case HardPull = 'hard_pull';
    case ThinBraid = 'thin_braid';
    case Low = 'low';
    case TooThick = 'too_thick';
    case Guides = 'guides';
    case ColdLine = 'cold_line';
    case BrakesTight = 'brakes_tight';
    case ReelLay = 'reel_lay';
    case LevelWind = 'level_wind';
    case FromTheSide = 'from_the_side';
    case Washers = 'washers';
    case Stored = 'stored';
    case Worn = 'worn';
    case Nick = 'nick';
    case WeakKnot = 'weak_knot';
    case DragRose = 'drag_rose';
    case LineRoller = 'line_roller';
    case DryKnot = 'dry_knot';
    case KnotLeftIn = 'knot_left_in';
    case DragTight = 'drag_tight';

    /** What happened. */
    public function words(): string
    {
        return match ($this) {
            self::SpinningLure => 'A lure or bait that spins, such as a spinner, a spoon or strip bait',
            self::AgainstRotor => 'The filler spool lay the wrong way round when the line was wound, which twisted it',
            self::Memory => 'The line keeps the coils of the filler spool (memory)',
            self::SlippingDrag => 'Winding while the drag slipped',
            self::BailByHandle => 'The bail was closed with the handle, which left slack under the wraps',
            self::Twist => 'The line is twisted',
            self::Overfilled => 'The spool is overfilled',
            self::LooseWraps => 'Loose wraps under tight ones',
            self::RoughLay => 'Thin braid on unevenly laid line',
            self::SpoolTension => 'The spool tension is too loose',
            self::BrakeLow => 'The brake is set too low',
            self::ThumbLate => 'The thumb came too late',
            self::IntoWind => 'The cast went into the wind',
            self::LightLure => 'The lure is too light for the line',
            self::BareArbor => 'Slick line on a bare arbor',
            self::ShortGrip => 'Too little backing to grip the arbor',
            self::ThickUnder => 'Thin line on thick coils',
            self::HardPull => 'A hard pull after a loose retrieve',
            self::ThinBraid => 'Braid under 30 lb (14 kg), which cuts into its own wraps on a baitcaster',
            self::Low => 'The line level is low',
            self::TooThick => 'The line is too thick or springy for the spool',
            self::Guides => 'A rod guide is dirty or cracked',
            self::ColdLine => 'The line is stiff from the cold',
            self::BrakesTight => 'The brakes are too tight',
            self::ReelLay => 'The reel lays line unevenly',
            self::LevelWind => 'The level-wind was off centre at the joining knot',
            self::FromTheSide => 'The filler spool stood to the side',
            self::Washers => 'Dry or dirty washers',
            self::Stored => 'Washers pressed flat in storage',
            self::Worn => 'Age, sun and rubbing',
            self::Nick => 'One nick',
            self::WeakKnot => 'The knot is weaker than assumed',
            self::DragRose => 'The drag rose as the spool emptied',
            self::LineRoller => 'The line roller has a groove or does not turn',
            self::DryKnot => 'The knot was pulled down dry',
            self::KnotLeftIn => 'A knot that formed in the line was left in (wind knot)',
            self::DragTight => 'The drag is too tight',
        };
    }

    /**
     * What to do, as far as it depends on the reel and the line.
     *
     * @param ReelKind|null $reel null: not known
     * @param Material|null $main of the main line; null: not known
     */
    public function remedy(?ReelKind $reel = null, ?Material $main = null): string
    {
        return match ($this) {
            self::SpinningLure => 'Fit a good swivel half a metre (20 in) above the lure. To get the twist out, take the lure off and trail the bare line '
                . 'behind a boat or in a current.',
            self::AgainstRotor => 'Trail the line without a lure behind a boat or in a current until the twist is gone. Do the slack test '
                . 'at the next fill.',
            self::Memory => 'Soak the filled spool, or stretch the line: put on a glove, tie the end to a post and pull. Wind it back firmly.',
            self::SlippingDrag => 'Trail the line without a lure. Let a fish run, then lift and wind down, never while the drag slips.',
            self::BailByHandle => 'Close the bail by hand, pull the line snug, then wind.',
            self::Twist => 'Trail the line without a lure behind a boat or in a current until slack hangs straight. Then wind it back under tension.',
            self::Overfilled => 'Measure the line level and strip line down to the full level.',
            self::LooseWraps => 'Strip line past the soft spot and wind it back under tension.',
            self::RoughLay => 'Leave a little more room below the lip for thin braid.',
            self::SpoolTension => 'Set the spool tension so that the lure sinks slowly by itself. Then check the line for kinks.',
            self::BrakeLow => 'Turn the brake up until the spool no longer overruns. Then check the line for kinks.',
            self::ThumbLate => 'Put your thumb on the spool before the lure lands. Then check the line for kinks.',
            self::IntoWind => 'Turn the brake up, cast lower, and keep your thumb on the spool. Then check the line for kinks.',
            self::LightLure => $reel === ReelKind::Baitcasting
                ? 'Cast a heavier lure, or fill with thinner or softer line. A slightly low spool casts light lures better.'
                : 'Cast a heavier lure, or fill with thinner or softer line.',
            self::BareArbor => 'Strip the line. Use tape, three metres (10 ft) of mono, or the band in the spool’s groove. Never glue the main line.',
            self::ShortGrip => 'Strip the line and plan more backing.',
            self::ThickUnder => 'Strip line past the spot and plan thinner backing.',
            self::HardPull => 'Strip line past the spot and wind it back under tension.',
            self::ThinBraid => 'Wind it firmly now. Next time, choose braid of 30 lb (14 kg) or more for this reel.',
            self::Low => $reel === ReelKind::Baitcasting
                ? 'A slightly low baitcaster casts light lures better. Measure the level, and top up only if Undro calls it low.'
                : 'Measure the line level now and top it up.',
            self::TooThick => 'Find a line that suits this spool and your fishing.',
            self::Guides => 'Wipe the guides. Then turn a cotton swab in each ring: where it catches, the ring is cracked. Have that guide replaced, '
                . 'and check the line.',
            self::ColdLine => 'Warm the spool indoors before the trip, or choose a thinner or softer line for the cold.',
            self::BrakesTight => 'Ease the brakes a little at a time, with your thumb on the spool. If casts stay short, measure the line level.',
            self::ReelLay => ($reel === null || $reel === ReelKind::Spinning
                ? 'Heaped at the front: add a shim washer under the spool, if the reel has them. Heaped at the back: take one out. '
                : 'Guide the line by hand as you wind, and leave a little more room below the lip. ')
                . 'Set the line lay of the spool, and plans allow for it.',
            self::LevelWind => 'Strip line past the joining knot, centre the level-wind, and wind again.',
            self::FromTheSide => 'Strip the line and wind it again, with the filler spool straight in front of the rod.',
            self::Washers => 'Pull with a scale. If the start-up is over 1.25 times the running force, clean the washers. Use only the reel maker’s '
                . 'drag grease: some washers run dry.',
            self::Stored => 'Loosen the drag and pull some line by hand, then measure. Loosen it for storage.',
            self::Worn => match ($main) {
                Material::Mono => 'Chalky or milky mono is done: replace it. If it feels rough, cut back past the place. Log what you found.',
                Material::Braid => 'Pale braid has only lost its dye. Look for fuzz and cut back past it. Log what you found.',
                default => 'Cut back past the rough place. If it goes on, replace the line. Log what you found.',
            },
            self::Nick => 'Feel along the line with wet fingers. Cut back past the nick. Until then, Undro counts half the strength.',
            self::WeakKnot => 'Pull-test the knot around a dowel and save what it held.',
            self::DragRose => 'Ease off as the spool empties. The pocket card says how far.',
            self::LineRoller => 'Turn a cotton swab along the roller. Clean it until it spins. If it has a groove, have it replaced, and check the line.',
            self::DryKnot => 'Cut the knot off and tie it again. Wet it and draw it down slowly.',
            self::KnotLeftIn => 'Feel along the line for knots before each trip. Cut back past one: line with a knot in it is far weaker.',
            self::DragTight => 'Measure the drag, and ease it to the target.',
        };
    }

    /** Where the app does it. */
    public function action(): Action
    {
        return match ($this) {
            self::SpinningLure, self::AgainstRotor, self::SlippingDrag, self::BailByHandle, self::Twist => Action::TwistLab,
            self::Memory, self::LooseWraps, self::RoughLay, self::BareArbor, self::ShortGrip, self::ThickUnder, self::HardPull,
            self::LevelWind, self::FromTheSide => Action::WindAnew,
            self::Overfilled, self::Low, self::BrakesTight => Action::ReadLevel,
            self::TooThick, self::LightLure, self::ColdLine, self::ThinBraid => Action::WhichLine,
            self::ReelLay => Action::Spool,
            self::Washers, self::Stored, self::DragTight => Action::PullDrag,
            self::Worn, self::Nick, self::SpoolTension, self::BrakeLow, self::ThumbLate, self::IntoWind, self::Guides, self::LineRoller,
            self::KnotLeftIn => Action::LookOver,
            self::WeakKnot, self::DryKnot => Action::TestKnot,
            self::DragRose => Action::RunsOut,
        };
    }

    /** It can happen on such a reel. @param ReelKind|null $reel null: not known */
    public function canBeOn(?ReelKind $reel): bool
    {
        return $reel === null || match ($this) {
            self::BailByHandle, self::LineRoller => $reel === ReelKind::Spinning,
            // a slipping drag turns only the line of a spool that stands still
            self::SlippingDrag => $reel !== ReelKind::Baitcasting,
            self::ReelLay => $reel !== ReelKind::Baitcasting,
            self::LevelWind, self::SpoolTension, self::BrakeLow, self::BrakesTight, self::ThumbLate, self::ThinBraid
                => $reel === ReelKind::Baitcasting,
            default => true,
        };
    }

    /** It can happen to such a line. @param Material|null $main null: not known */
    public function canBeWith(?Material $main): bool
    {
        return $main === null || match ($this) {
            self::Memory, self::ColdLine => $main !== Material::Braid,
            self::RoughLay, self::ThinBraid => $main === Material::Braid,
            default => true,
        };
    }
}
