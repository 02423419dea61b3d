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
    case Tension = 'tension';
    case Full = 'full';
    case Drag = 'drag';
    case Leader = 'leader';
    case LineLife = 'line_life';

    /** The question as it is asked. */
    public function words(): string
    {
        return match ($this) {
            self::Backing => 'Backing under braid?',
            self::HowMuch => 'How is the amount of backing found?',
            self::BackingThickness => 'How thick may the backing be?',
            self::BackWith => 'What to back with?',
            self::Guides => 'Through which guides while winding?',
            self::FillerWay => 'Which way up does the filler lie?',
            self::FillerHold => 'Filler flat, or on an axle?',
            self::Soak => 'Soak the line?',
            self::Tension => 'How is tension held?',
            self::Full => 'When is a spool full?',
            self::Drag => 'How much of the line’s strength for the drag?',
            self::Leader => 'How long a leader?',
            self::LineLife => 'How long does line last?',
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
                'Slick braid can spin round a bare arbor, and backing is cheaper than braid. So some where there is room, a '
                    . 'little where there is not, none only where the arbor grips.',
            ],
            self::HowMuch => [
                'calculate',
                'The volumes are simple; the depth mark checks them at the spool. Turning over stays the way without numbers.',
            ],
            self::BackingThickness => [
                'rule',
                'Thin line sinks between thick coils, casts badly and can snap off. Nylon under nylon: warned of above 1.25 times; nylon '
                    . 'under braid: mentioned above 1.5 times, warned of above 2.2.',
            ],
            self::BackWith => [
                'nylon',
                'Cotton holds water and rots, glue creeps into braid when warm, good thread costs more than nylon. Worn line that is '
                    . 'sound does as well.',
            ],
            self::Guides => [
                'all',
                'The line lies as it will fish, and the tip shows the twist: that is what the slack test needs. The butt alone is fine '
                    . 'for winding.',
            ],
            self::FillerWay => [
                'look',
                'Neither label up nor down: the line must circle off the filler the way the rotor turns, seen from your seat. Look at '
                    . 'the line, not at the label.',
            ],
            self::FillerHold => [
                'either',
                'Flat and matched, or on an axle: both are sound on a fixed spool. A baitcaster always takes an axle.',
            ],
            self::Soak => [
                'before',
                'A few minutes in hand-hot water with a drop of washing-up liquid softens nylon, fluorocarbon and hybrid and takes the '
                    . 'factory film off. Braid is only wetted, for a tight lay.',
            ],
            self::Tension => [
                'by_line',
                'A damp cloth for thin braid, fingers for nylon, a glove for thick braid. Firm all the way: the finished spool '
                    . 'must not give under a thumb.',
            ],
            self::Full => ['rule', 'By reel, lip, line, lay and casting, each as a reason that can be switched off.'],
            self::Drag => ['rule', 'A quarter of the weakest link, unless the fishing says otherwise.'],
            self::Leader => ['reach', 'As long as the water asks, never so long that the join lies on the spool at the cast.'],
            self::LineLife => ['rule', 'By material, days of use and sun, with the worn end cut back first.'],
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
                    'by the spool',
                    'some where the spool is deeper than the main line needs, a little where it is not, none where the arbor grips',
                ),
                $school('some', 'always some nylon', 'it holds, it saves braid, and it costs next to nothing'),
                $school('grip', 'a little, for grip', 'braid fills the spool; the nylon only keeps it from slipping'),
                $school('none', 'none', 'tape, a grip strip or a tight knot is enough, and there is no join to fail'),
            ],
            self::HowMuch => [
                $school('calculate', 'worked out', 'length, turns and a depth to stop at, before anything is wound'),
                $school(
                    'turn_over',
                    'wound and turned over',
                    'main line first, backing on top until full, then all of it over: right without a figure',
                ),
                $school('counter', 'by a line counter', 'the length is counted as it goes on'),
                $school('eye', 'by eye', 'a third to a half, as it always was'),
            ],
            self::BackingThickness => [
                $school('rule', 'a little more is allowed', 'thicker backing fills sooner; it matters only well above the main line'),
                $school('same', 'never thicker than the main line', 'nothing can sink into it'),
            ],
            self::BackWith => [
                $school('nylon', 'nylon', 'cheap, even, grips'),
                $school('old_line', 'old line', 'it is there, and nobody will ever fish it'),
                $school('thread', 'thread', 'thin and even'),
                $school('tape', 'adhesive tape', 'no knot and no lump'),
            ],
            self::Guides => [
                $school('all', 'all of them', 'natural lay, and the tip shows twist'),
                $school('butt', 'the first alone, or just the butt', 'quicker, and the tip is out of the way'),
            ],
            self::FillerWay => [
                $school('look', 'as the line turns', 'matched to the rotor by looking'),
                $school('label_up', 'label up', 'many fillers are wound so that this is right; the slack test shows the others'),
                $school('label_down', 'label down', 'many fillers are wound so that this is right; the slack test shows the others'),
            ],
            self::FillerHold => [
                $school('either', 'whichever is at hand', 'both are sound if done right'),
                $school('flat', 'flat on the floor', 'no gear, and no filler running on'),
                $school('axle', 'on an axle', 'no twist goes in'),
            ],
            self::Soak => [
                $school(
                    'before',
                    'the filler before, in hand-hot water',
                    'five to ten minutes for nylon, under one for fluorocarbon: it lies down at once',
                ),
                $school('after', 'the filled spool, about 15 minutes', 'it sets where it lies; bearings and washers come out first'),
                $school('conditioner', 'a line conditioner', 'wiped on, no bucket'),
                $school('none', 'nothing', 'good line lies down after the first outing'),
            ],
            self::Tension => [
                $school('by_line', 'by the line', 'cloth, fingers or glove as the line asks'),
                $school('fingers', 'fingers', 'one feels every knot and nick'),
                $school('cloth', 'a damp cloth', 'even, cool and clean'),
                $school('glove', 'a glove', 'no cuts'),
                $school('book', 'a weighted book', 'steady, and both hands free'),
                $school('clamp', 'a spool clamp', 'the same from start to end'),
                $school('water', 'the filler in water', 'wet and braked at once'),
                $school('helper', 'a helper', 'with a card between thumb and filler'),
            ],
            self::Full => [
                $school('rule', 'by the rule', 'reel, lip, line, lay and casting together'),
                $school('bevel', "the bevel's lower edge", 'the maker drew it there'),
                $school('two_mm', '1.5 to 2 mm', 'easy to see'),
                $school('sixteenth', '1/16 inch', 'easy to see'),
                $school('eighth', '1/8 inch', 'no loose coils, ever'),
                $school('brim', 'to the brim', 'distance'),
            ],
            self::Drag => [
                $school('rule', 'by the fishing', 'a fifth for light line, a quarter in general, more for cover'),
                $school('0.20', '20 %', 'soft mouths and light line'),
                $school('0.25', '25 %', 'a quarter, always'),
                $school('0.30', '30 %', 'braid and heavy cover'),
                $school('0.35', '35 %', 'braid, deep jigging'),
            ],
            self::Leader => [
                $school('reach', 'as long as the water asks', 'the join outside the tip or in the guides, never on the spool'),
                $school('short', 'short, the join outside the tip', 'the knot never meets a guide'),
                $school('rod', 'about a rod’s length', 'more to rub and to cut back'),
            ],
            self::LineLife => [
                $school('rule', 'by use', 'material, outings and sun'),
                $school('season', 'a season', 'new line each spring'),
                $school('months', '12 to 18 months', 'by the calendar'),
                $school('two_years', 'two years', 'if it was kept dark'),
                $school('never', 'braid never, only turned over', 'the inner end is as new'),
            ],
        };
    }

    /** The lines of work this question belongs to: what the plan says beside its figures, or a figure itself. */
    public function drives(): string
    {
        return match ($this) {
            self::Backing, self::HowMuch => 'the way a plan proposes',
            self::BackingThickness, self::BackWith => 'what a plan warns of',
            self::Guides, self::FillerWay, self::FillerHold, self::Soak, self::Tension => 'how a plan says to wind',
            self::Full => 'the gap of a plan',
            self::Drag => 'the line chosen, and what reel and rod must bear',
            self::Leader => 'what a plan says of the leader',
            self::LineLife => 'what a plan says of when the line is due',
        };
    }
}
