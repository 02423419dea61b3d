<?php

declare(strict_types=1);

namespace Undro\Habit;

/** What anglers do not agree on. Source of schools and picks: handbook, chapter 1. */
enum Question: string
{
    case Backing = 'backing';
    case HowMuch = 'how_much';
    case BackingThickness = 'backing_thickness';
    case BackWith = 'back_with';
    case Guides = 'guides';
    case FillerWay = 'filler_way';
    case FillerHold = 'filler_hold';
    case Soak = 'soak';
    case FluoroSoak = 'fluoro_soak';
    case Tension = 'tension';
    case Full = 'full';
    case Drag = 'drag';
    case Leader = 'leader';
    case LineLife = 'line_life';

    /** The question as it is asked. */
    public function words(): string
    {
        return match ($this) {
            self::Backing => 'Do you put backing under braid?',
            self::HowMuch => 'How do you find the amount of backing?',
            self::BackingThickness => 'How thick may backing be?',
            self::BackWith => 'What do you use as backing?',
            self::Guides => 'Which guides do you use while winding?',
            self::FillerWay => 'Which way up do you lay the filler spool?',
            self::FillerHold => 'Do you lay the filler spool flat or on an axle?',
            self::Soak => 'Do you soak the line?',
            self::FluoroSoak => 'How long do you soak fluorocarbon?',
            self::Tension => 'How do you keep tension?',
            self::Full => 'How full is a full spool?',
            self::Drag => 'What share of the line’s strength do you set the drag to?',
            self::Leader => 'How long is your leader?',
            self::LineLife => 'How long do you keep line?',
        };
    }

    /**
     * What Undro takes where the angler has said nothing, and why.
     *
     * @return array{string, string} id of the school, reason
     */
    public function pick(): array
    {
        return match ($this) {
            self::Backing => [
                'rule',
                'Slick braid can spin on a bare arbor, and backing is cheaper than braid. So use some where there is room, a little where '
                    . 'there isn’t, and none only if the arbor grips.',
            ],
            self::HowMuch => [
                'calculate',
                'The sums are simple, and the level mark checks them as you wind. Fill and reverse works without numbers.',
            ],
            self::BackingThickness => [
                'rule',
                'Thin line sinks between thick coils, casts badly and can snap. Undro warns about mono under mono above 1.25 times the '
                    . 'diameter. It mentions mono under braid above 1.5 times and warns above 2.2 times.',
            ],
            self::BackWith => [
                'nylon',
                'Cotton holds water and rots, warm glue creeps into braid, and good thread costs more than mono. Old line works too if it '
                    . 'is sound.',
            ],
            self::Guides => [
                'all',
                'Line lies as it will when you fish, and the tip shows twist for the slack test. The butt guide alone is fine for winding.',
            ],
            self::FillerWay => [
                'look',
                'Line must come off the filler spool in the direction the rotor turns, seen from where you sit. Watch the line, not the label.',
            ],
            self::FillerHold => [
                'either',
                'On a spinning or spincast reel both work: flat and matched to the rotor, or on an axle. A baitcaster always needs an axle.',
            ],
            self::Soak => [
                'before',
                'A few minutes in hand-hot water with a drop of dish soap softens mono, fluorocarbon and hybrid and removes the factory '
                    . 'film. Braid is only wetted, so that it packs tightly.',
            ],
            self::FluoroSoak => ['short', 'Fluorocarbon takes up hardly any water. Warmth softens it, and a minute is enough for that.'],
            self::Tension => [
                'by_line',
                'Use a damp cloth for thin braid, fingers for mono and a glove for thick braid. Stay firm all the way: the finished spool '
                    . 'must not yield under your thumb.',
            ],
            self::Full => ['rule', 'It depends on reel, lip, line, line lay and casting. You can switch each reason off in a plan.'],
            self::Drag => ['rule', 'A quarter of the weakest link, unless your fishing needs something else.'],
            self::Leader => ['reach', 'As long as the water needs, but never so long that its knot is on the spool when you cast.'],
            self::LineLife => ['rule', 'It depends on material, trips and sun. Cut back the worn end first.'],
        };
    }

    /** @return non-empty-list<School> */
    public function schools(): array
    {
        $school = static fn(string $id, string $words, string $says): School => new School($id, $words, $says);

        return match ($this) {
            self::Backing => [
                $school(
                    'rule',
                    'depends on the spool',
                    'some if the spool is deeper than the main line needs, a little if not, none if the arbor grips',
                ),
                $school('some', 'always some mono', 'it grips, saves braid and costs next to nothing'),
                $school('grip', 'a little, for grip', 'braid fills the spool; mono only keeps it from slipping'),
                $school('none', 'none', 'tape, a grip strip or a tight knot is enough, and there is no joining knot to fail'),
            ],
            self::HowMuch => [
                $school('calculate', 'calculate it', 'length, turns and a level to stop at, before you wind'),
                $school(
                    'turn_over',
                    'fill and reverse',
                    'main line first, backing on top until full, then swap the two: right without any numbers',
                ),
                $school('counter', 'by a line counter', 'the counter shows the length as you wind'),
                $school('eye', 'by eye', 'a third to a half of the spool'),
            ],
            self::BackingThickness => [
                $school('rule', 'a little thicker is fine', 'thicker backing fills faster; it matters only if it is much thicker than the '
                    . 'main line'),
                $school('same', 'never thicker than the main line', 'the main line can’t sink into it'),
            ],
            self::BackWith => [
                $school('nylon', 'nylon', 'cheap, even, grips'),
                $school('old_line', 'old line', 'you have it, and nobody will ever fish it'),
                $school('thread', 'thread', 'thin and even'),
                $school('tape', 'adhesive tape', 'no knot and no lump'),
            ],
            self::Guides => [
                $school('all', 'all guides', 'line lies as when fishing, and the tip shows twist'),
                $school('butt', 'only the butt guide', 'faster, and the tip is out of the way'),
            ],
            self::FillerWay => [
                $school('look', 'matched to the rotor', 'you look which way both turn'),
                $school('label_up', 'label up', 'right for many filler spools; the slack test shows the others'),
                $school('label_down', 'label down', 'right for many filler spools; the slack test shows the others'),
            ],
            self::FillerHold => [
                $school('either', 'either', 'both work if done right'),
                $school('flat', 'flat on the floor', 'needs nothing, and the filler spool can’t overrun'),
                $school('axle', 'on an axle', 'adds no twist'),
                $school('bag', 'in a bag or crate among other spools', 'adds no twist, and the other spools brake it'),
            ],
            self::Soak => [
                $school(
                    'before',
                    'the filler spool before winding, in hand-hot water',
                    'five to ten minutes for mono, under one for fluorocarbon; the line is limp at once',
                ),
                $school('after', 'the filled spool, for about 15 minutes', 'the coils settle in place; take bearings and washers out first'),
                $school('conditioner', 'a line conditioner', 'you wipe it on, with no bucket'),
                $school('none', 'nothing', 'good line settles after the first trip'),
            ],
            self::FluoroSoak => [
                $school('short', 'under a minute in hand-hot water', 'warm and limp at once'),
                $school('cool', 'about ten minutes in cool water', 'gentle, and there is no signal to miss'),
            ],
            self::Tension => [
                $school('by_line', 'depends on the line', 'cloth, fingers or glove to suit the line'),
                $school('fingers', 'fingers', 'you feel every knot and nick'),
                $school('cloth', 'a damp cloth', 'even, cool and clean'),
                $school('glove', 'a glove', 'protects from cuts'),
                $school('book', 'a weighted book', 'steady, and it leaves both hands free'),
                $school('clamp', 'a spool clamp', 'even from start to end'),
                $school('water', 'filler spool in water', 'wets and brakes the line at once'),
                $school('helper', 'a helper', 'with a card between thumb and filler spool'),
            ],
            self::Full => [
                $school('rule', 'Undro works it out', 'from reel, lip, line, line lay and casting'),
                $school('bevel', "the bevel's lower edge", 'the maker put it there'),
                $school('two_mm', '1.5 to 2 mm', 'easy to see'),
                $school('sixteenth', '1/16 inch', 'easy to see'),
                $school('eighth', '1/8 inch', 'no loose coils, ever'),
                $school('brim', 'to the brim', 'distance'),
            ],
            self::Drag => [
                $school('rule', 'depends on the fishing', 'a fifth for light line, usually a quarter, more for heavy cover'),
                $school('0.20', '20 %', 'soft mouths and light line'),
                $school('0.25', '25 %', 'a quarter, always'),
                $school('0.30', '30 %', 'braid and heavy cover'),
                $school('0.35', '35 %', 'braid, deep jigging'),
                $school('label_0.30', '30 % of the label', 'quick to work out; on a worn line or a weak knot it is more of what holds'),
                $school('label_0.35', '35 % of the label', 'common with new braid; it is far more of what a knot or a leader holds'),
            ],
            self::Leader => [
                $school('reach', 'as long as the water needs', 'its knot outside the tip or in the guides, never on the spool'),
                $school('short', 'short, with its knot outside the tip', 'the knot never meets a guide'),
                $school('rod', 'about a rod’s length', 'more length to rub and to cut back'),
            ],
            self::LineLife => [
                $school('rule', 'by wear', 'from material, trips and sun'),
                $school('season', 'a season', 'new line each spring'),
                $school('months', '12 to 18 months', 'by the calendar'),
                $school('two_years', 'two years', 'if kept in the dark'),
                $school('never', 'braid forever, only reversed', 'the inner end is as new'),
            ],
        };
    }

    /** The lines of work this question belongs to: what the plan says beside its figures, or a figure itself. */
    public function drives(): string
    {
        return match ($this) {
            self::Backing, self::HowMuch => 'the fill method a plan suggests',
            self::BackingThickness, self::BackWith => 'the warnings of a plan',
            self::Guides, self::FillerWay, self::FillerHold, self::Soak, self::FluoroSoak, self::Tension => 'the winding advice of a plan',
            self::Full => 'the full level of a plan',
            self::Drag => 'line choice, and the drag that reel and rod must take',
            self::Leader => 'the leader advice of a plan',
            self::LineLife => 'the due date in a plan',
        };
    }
}
