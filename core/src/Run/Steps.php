<?php

declare(strict_types=1);

namespace Undro\Run;

use Undro\Fill\Layer;
use Undro\Habit\Question;
use Undro\Line\Material;
use Undro\Spool\ReelKind;
use Undro\Strip\Removal;
use Undro\Twist\Feed;
use Undro\Twist\Hold;
use Undro\Units\Sentence;

/**
 * The steps of a run, in order, only those that apply. Source: handbook, chapter 3, the bench run; cautions from chapter 1.
 */
final readonly class Steps
{
    /** Turns that bite before anything is trusted. */
    public const FIRST_TURNS = 10;
    private const SOAK_S = ['mono' => 480, 'hybrid' => 480, 'fluoro' => 50];
    private const SOAK_AFTER_S = 900;

    private function __construct(private Setting $setting) {}

    /** @return non-empty-list<Step> */
    public static function for(Setting $setting): array
    {
        $steps = new self($setting);
        $out = [$steps->check(), $steps->strip(), $steps->lookOver()];
        // what is wound first soaks while the reel is mounted; fluorocarbon goes in last, as it stays under a minute
        $first = $setting->layers[0] ?? null;
        $early = $first !== null && $first->line->material !== Material::Fluoro;
        $out[] = $early ? $steps->soak(0, $first) : null;
        $out[] = $steps->mount();
        foreach ($setting->layers as $index => $layer) {
            $out[] = $index === 0 && $early ? null : $steps->soak($index, $layer);
            $out[] = $steps->place($index, $layer);
            $out[] = $index === 0 && $setting->kept === null ? $steps->tie($layer) : $steps->join($index, $layer);
            $out[] = $index === 0 ? $steps->firstTurns($layer) : null;
            $out[] = $steps->slackTest($index, $layer);
            $out[] = $steps->wind($index, $layer);
        }
        array_push(
            $out,
            $steps->level(),
            $steps->cut(),
            $steps->soakAfter(),
            $steps->drag(),
            $steps->leader(),
            $steps->label(),
            $steps->firstOuting(),
        );

        return self::filled($out);
    }

    /**
     * @param list<Step|null> $steps
     *
     * @return non-empty-list<Step>
     */
    private static function filled(array $steps): array
    {
        $found = array_values(array_filter($steps, static fn(?Step $step): bool => $step !== null));

        return $found === [] ? throw new \LogicException('A run has steps.') : $found;
    }

    private function reel(): ReelKind
    {
        return $this->setting->reel;
    }

    private function school(Question $question): string
    {
        return $this->setting->habits->school($question);
    }

    private function check(): Step
    {
        return new Step(
            StepKind::Check,
            null,
            'Lay out',
            sprintf('Put beside you: %s. Look once more whether reel and rod suit the line.', implode(', ', $this->tools())),
            'All line is here, with enough on each filler for the upper end of the band.',
            'A filler that ends short in the middle of the work. A new spool may carry a sticker: take it off.',
            'Hooks and lures off the line and away from the bench. Rules on line and gear differ by water: the local ones count.',
        );
    }

    /** @return non-empty-list<string> what the chosen ways need, and nothing else */
    private function tools(): array
    {
        $grips = array_map(fn(Layer $layer): string => $this->setting->habits->grip($layer->line), $this->setting->layers);
        $soaks = array_filter(
            $this->setting->layers,
            fn(Layer $layer, int $index): bool => $this->soak($index, $layer) !== null,
            ARRAY_FILTER_USE_BOTH,
        ) !== [];
        $fromFiller = count($this->setting->layers) > ($this->setting->mainOffReel ? 1 : 0);
        $joins = count($this->setting->layers) > 1 || $this->setting->kept !== null || $this->setting->leader;

        return array_values(array_filter([
            'scissors',
            'calipers or a ruler',
            'a cotton swab',
            $this->setting->oldLine->inMetres() > 0 ? 'a bag for the old line' : null,
            $this->setting->tape ? 'tape narrower than the traverse' : null,
            $this->reel() === ReelKind::Baitcasting ? 'a bit of tape to carry the end through the level-wind' : null,
            $soaks ? 'a bowl of hand-hot water with a drop of washing-up liquid' : null,
            $this->school(Question::Soak) === 'conditioner' ? 'the line conditioner' : null,
            $fromFiller ? $this->setting->hold()->needs() : null,
            $this->setting->mainOffReel ? 'the other reel, and a clamp or a helper to hold its foot' : null,
            in_array('cloth', $grips, true) ? 'a damp cloth' : null,
            in_array('glove', $grips, true) ? 'a glove' : null,
            in_array('book', $grips, true) ? 'a heavy book' : null,
            $joins ? 'a dowel to pull knots down on' : null,
            'water to wet the knots',
        ], is_string(...)));
    }

    private function strip(): ?Step
    {
        if ($this->setting->kept !== null) {
            return $this->setting->oldLine->inMetres() <= 0 ? null : $this->stripToTheJoin();
        }

        return $this->setting->oldLine->inMetres() <= 0 ? null : new Step(
            StepKind::Strip,
            null,
            'Old line off',
            Sentence::of(
                'About {0} lie on the spool. Say what becomes of it: off, cut back, or wound onto something else.',
                $this->setting->oldLine,
            ),
            'The arbor is bare, or what stays lies firm and even.',
            'Line stripped by a drill grabs loose ends. A cut into the spool with a knife leaves a nick that cuts the new line.',
            Removal::CAUTION,
        );
    }

    private function stripToTheJoin(): Step
    {
        return new Step(
            StepKind::Strip,
            null,
            'Main line off, to the join',
            Sentence::of(
                'About {0} come off. Slow down for the last of it: feel the join run through your fingers, and cut there. The '
                    . 'backing stays. Where it slipped, is soft, rough or wet, take all of it off: leave this run and plan the fill from the '
                    . 'arbor.',
                $this->setting->oldLine,
            ),
            'The backing is firm, level and dry, and does not smell.',
            'A cut into the spool with a knife leaves a nick that cuts the new line.',
            Removal::CAUTION,
        );
    }

    private function lookOver(): Step
    {
        $where = match ($this->reel()) {
            ReelKind::Spinning => 'spool lip, line roller, bail and every guide',
            ReelKind::Baitcasting => 'spool edges, level-wind and every guide',
            ReelKind::Spincast => 'spool lip, pick-up pin, the hole of the cone and every guide',
        };

        return new Step(
            StepKind::LookOver,
            null,
            'Feel for nicks',
            "Draw a cotton swab round $where. Where threads stay behind there is a nick or a cracked ring: polish it, or change the part.",
            'The swab slides and nothing pulls a thread out of it.',
            'Threads stay behind: that nick would fray the new line on the first fish.',
        );
    }

    /** How long a filler of this lies in the water before it is wound, minutes; none for braid. */
    public static function soakMinutes(Material $material): float
    {
        return (self::SOAK_S[$material->value] ?? 0) / 60;
    }

    private function soak(int $index, Layer $layer): ?Step
    {
        $material = $layer->line->material;
        if ($material === Material::Braid || $this->school(Question::Soak) !== 'before' || $this->setting->offReel($index)) {
            return null;
        }

        return new Step(
            StepKind::Soak,
            $index,
            sprintf('Soak the %s', $layer->role->word()),
            ($index === 0 ? '' : 'The run says when it has to go in, so that it is ready at the join. If it is not in the water yet, put it in now. ')
                . sprintf(
                    'Put the filler into hand-hot water with a drop of washing-up liquid: %s for %s. %s',
                    $material === Material::Fluoro ? 'under a minute' : 'five to ten minutes',
                    $material->word(),
                    $material === Material::Fluoro ? 'Take it out at the signal.' : 'Go on meanwhile; the clock runs by itself.',
                ),
            'The line comes off limp and lies in wide, lazy coils.',
            'Too hot or too long weakens it. Too short, and it springs off the filler as before.',
            'Hand-hot, not boiling, and out of children’s reach.',
            self::SOAK_S[$material->value],
        );
    }

    private function mount(): Step
    {
        $butt = $this->school(Question::Guides) === 'butt';
        $guides = $butt ? 'through the butt guide' : 'through the guides from the tip down';

        return match ($this->reel()) {
            ReelKind::Spinning => new Step(
                StepKind::Mount,
                null,
                'Reel on the rod',
                "Reel on the rod or its butt, rod pointing straight at the filler. Line $guides. Open the bail before you tie. "
                    . 'Anti-reverse on, drag tight. Was the bail shut when the line was tied on? Take the spool off, open the bail, put the spool '
                    . 'back.',
                'The line runs through every guide and lies over the open bail, under the wire.',
                'A drag that slips puts the gear ratio in twists into the line with every turn.',
            ),
            ReelKind::Baitcasting => new Step(
                StepKind::Mount,
                null,
                'Reel on the rod',
                "Reel on the rod. Line $guides, then through the level-wind: a bit of tape on the end carries it through. Anti-reverse "
                    . 'on, drag tight, level-wind in the middle.',
                'The line runs straight from the level-wind to the middle of the arbor.',
                'Line past the level-wind instead of through it winds all on one side.',
            ),
            ReelKind::Spincast => new Step(
                StepKind::Mount,
                null,
                'Reel on the rod',
                "Cone off. Line $guides, then through the hole of the cone from the front. Anti-reverse on, drag tight.",
                'The end comes out behind the cone and reaches the spool.',
                'Tied on before it went through the cone: it has to come off again.',
            ),
        };
    }

    private function place(int $index, Layer $layer): Step
    {
        if ($this->setting->offReel($index)) {
            return $this->placeOtherReel($index);
        }
        $what = $index === 0 ? 'filler spool' : 'second filler spool';
        $out = $this->soak($index, $layer) === null || $this->setting->hold() === Hold::Bucket ? '' : 'Take it out of the water and wind it wet. ';
        $hold = $this->setting->hold()->place();
        $book = $this->setting->habits->grip($layer->line) === 'book' ? ' The line runs through a weighted book.' : '';
        if ($this->reel() === ReelKind::Baitcasting) {
            return new Step(
                StepKind::Place,
                $index,
                "Place the $what",
                "$out$hold, facing you, so that line comes off its top.$book",
                'The filler turns with the line, and stops when you stop.',
                'Over the end every coil puts one turn of twist into a baitcaster, and nothing takes it out.',
            );
        }

        return $this->setting->feed() === Feed::Rotating
            ? new Step(
                StepKind::Place,
                $index,
                "Place the $what",
                "$out$hold, two steps in front of you, turned so that the line bends on the reel the way it was bent on the filler. Brake "
                    . "it where it runs on.$book",
                'The filler turns with the line, and stops when you stop.',
                'A filler that runs on throws loose loops. Slack says nothing of direction here: the cast takes the twist out.',
            )
            : new Step(
                StepKind::Place,
                $index,
                "Place the $what",
                "$out$hold, two steps in front of you. Turn it so that line comes off the way the "
                    . ($this->reel() === ReelKind::Spincast
                        ? 'head with the pin turns, seen from your seat, cone off'
                        : 'rotor turns, seen from your seat')
                    . ': turn the handle and look, pull some line and look.' . $book,
                'The line circles off the filler in the same sense as the rotor turns.',
                'Turned the other way, the two twists add. Rod off to the side, and the line saws at the filler’s rim.',
            );
    }

    private function placeOtherReel(int $index): Step
    {
        return new Step(
            StepKind::Place,
            $index,
            'Place the other reel',
            'Two steps in front of you, held by its foot or a clamp, its spool turning freely to you: its drag is the brake, set '
                . 'light. The worn end of its line is what you tie on here, so that it goes to the bottom. Slow down for the join, and '
                . 'cut there: what lies under it stays.',
            'The line comes off its spool under a light, even drag.',
            'Off the end of a fixed spool each coil brings one twist: let the spool itself turn.',
            plain: true,
        );
    }

    private function tie(Layer $layer): Step
    {
        if ($this->setting->tape) {
            return new Step(
                StepKind::Tie,
                0,
                'Line to the arbor',
                'The arbor has its tape. Tie the knot shown, or tape the end on, as small as it will go; trim it close.',
                'The knot lies flat and pulls up in the direction of winding.',
                'A fat knot or a long tag makes a hump under thin line.',
                $this->cutCaution($layer),
            );
        }
        $bare = $layer->line->material === Material::Braid && !$this->setting->grips;

        return new Step(
            StepKind::Tie,
            0,
            'Line to the arbor',
            match (true) {
                $this->reel() === ReelKind::Spinning => 'Bail open. ',
                $this->reel() === ReelKind::Baitcasting => 'Level-wind in the middle. Round the arbor, out again through the level-wind. ',
                default => 'Round the small arbor, clear of the pin. ',
            } . ($bare
                ? 'Tie the knot shown, a noose that winding pulls tight, or lay the tag under tape; trim it close. Pull hard once, and see '
                    . 'that it bites.'
                : 'Tie the knot shown; trim it close.')
            . ($this->setting->grips ? ' The arbor has a cut-out, a hole, a pin or a strip: put the knot into it, or lay the first wraps over it.' : ''),
            'Small, trimmed close, snug on the arbor. It never carries a fish; it holds while the first turns bite.',
            $bare
                ? 'Slick braid spins round the arbor.'
                : 'A fat knot or a long tag makes a hump under thin line.',
            $this->cutCaution($layer),
        );
    }

    private function cutCaution(Layer $layer): ?string
    {
        return $layer->line->material === Material::Braid
            ? 'Braid cuts skin under load: pull knots down round a dowel, never round a hand.'
            : null;
    }

    private function firstTurns(Layer $layer): Step
    {
        $close = match ($this->reel()) {
            ReelKind::Spinning => 'Close the bail by hand. ',
            ReelKind::Spincast => 'Turn until the pin picks the line up. ',
            ReelKind::Baitcasting => $this->setting->vee ? 'Guide the line by hand: the vee fills first, until it is flush. ' : '',
        };

        return new Step(
            StepKind::FirstTurns,
            0,
            'First ten turns',
            $close . 'Ten turns, slow and tight, wrap beside wrap.',
            'The wraps lie side by side and do not slide when you pull.',
            'Loose first turns let all of the line above them slip and sink.',
            $layer->line->material === Material::Braid ? 'Cloth or glove: braid cuts skin under load.' : null,
            turns: self::FIRST_TURNS,
        );
    }

    private function slackTest(int $index, Layer $layer): ?Step
    {
        $overEnd = $this->setting->feed() === Feed::OverEnd && !$this->setting->offReel($index);

        return !$this->reel()->hasFixedSpool() || !$overEnd ? null : new Step(
            StepKind::SlackTest,
            $index,
            'Slack test',
            $this->reel() === ReelKind::Spincast
                ? 'Ten to twenty turns on, cone held on by hand, let an arm’s length of slack hang from the tip, and look.'
                : 'Ten to twenty turns on, let an arm’s length of slack hang from the tip, and look.',
            $layer->line->material === Material::Braid
                ? 'It hangs straight. Braid shows twist late: loose coils become wind knots instead of loops.'
                : 'It hangs straight, or in one easy bow.',
            'It wraps round the tip or springs into loops: say so, and what was looked at decides what to do.',
        );
    }

    private function wind(int $index, Layer $layer): Step
    {
        $last = $index === count($this->setting->layers) - 1;
        $how = match (true) {
            $this->reel() === ReelKind::Baitcasting && $this->setting->vee && $index === 0 => 'Guide by hand until the vee is flush, '
                . 'then let the level-wind lead. ',
            $this->reel() === ReelKind::Spincast => 'Small spool: count, and stop early rather than late. ',
            $this->reel() === ReelKind::Spinning => 'Leave a hair of room at the rear flange too. ',
            default => '',
        };

        return new Step(
            StepKind::Wind,
            $index,
            $last ? ucfirst($layer->role->word()) . ' to the full mark' : ucfirst($layer->role->word()) . ' to the mark',
            $how . $this->hold($layer) . ($last ? ' Slower for the last tenth.' : ' Stop at the mark and measure.'),
            'Firm and level from flange to flange; the rod points straight at the filler.',
            match ($this->reel()) {
                ReelKind::Spinning => 'A hump that grows is a poor lay. Loose coils jump off in a bunch later.',
                ReelKind::Baitcasting => 'Line bunched at one side: the level-wind lost it, or a join caught.',
                ReelKind::Spincast => 'Over-filled, coils jam under the cone. Thick braid bites into the pin.',
            },
            $layer->line->material === Material::Braid ? 'Cloth or glove: braid cuts skin under load.' : null,
        );
    }

    /** How the line is held while it goes on. */
    private function hold(Layer $layer): string
    {
        foreach ($this->setting->habits->winding($this->reel(), $layer->line) as $advice) {
            if ($advice->question === Question::Tension) {
                return $advice->words;
            }
        }

        return 'Hold it firm all the way.';
    }

    private function join(int $index, Layer $layer): Step
    {
        return new Step(
            StepKind::Join,
            $index,
            sprintf('Join the %s', $layer->role->word()),
            ($index === 0 ? 'Join it to the end of the backing that stayed' : 'Cut the line that is on, and join the new one to it')
                . ' with the knot shown: small, few turns, buried. Wet the knot, pull both standing lines, then the tags; trim it close.'
                . ($this->reel() === ReelKind::Baitcasting ? ' Level-wind in the middle, so that the knot lies in the middle.' : '')
                . ($this->reel() === ReelKind::Spincast ? ' It has to pass the pin: smaller than anything else you tie.' : ''),
            'A slim knot without a step; it runs under a fingernail without a catch. It holds a steady pull round a dowel.',
            $this->reel() === ReelKind::Baitcasting
                ? 'A join that lies at one side bunches there, and catches in the level-wind.'
                : 'A fat knot makes a hump that the thin line above follows.',
            $this->cutCaution($layer) ?? 'Pull-test round a dowel, never round a hand.',
        );
    }

    private function level(): Step
    {
        return new Step(
            StepKind::Level,
            null,
            $this->reel() === ReelKind::Spincast ? 'Level, thumb and pull' : 'Level and thumb',
            'Measure from the lip down to the line at three places round the spool. Press a thumb into the line: where it gives, wind it off and on again, tighter.'
                . ($this->reel() === ReelKind::Spincast ? ' Then the cone back on, and only then a pull.' : ''),
            'The three agree, and nothing gives under the thumb.',
            'Soft: the outer line will cut in under load. Higher on one side: a poor lay.',
        );
    }

    private function cut(): Step
    {
        return new Step(
            StepKind::Cut,
            null,
            'Cut and clip',
            'Cut the line, and put its end under a band, or under the clip where that does not nick. The filler’s own end goes into its slot, '
                . 'with tape over it.',
            'Nothing can spring off either spool.',
            'A clip that nicks the line: the first hard cast breaks it there.',
        );
    }

    private function soakAfter(): ?Step
    {
        $last = $this->setting->layers[array_key_last($this->setting->layers) ?? 0] ?? null;

        return $last === null || $this->school(Question::Soak) !== 'after' || $last->line->material === Material::Braid ? null : new Step(
            StepKind::SoakAfter,
            null,
            'Soak the spool',
            'Bearings and drag washers out. The filled spool into hand-hot water for about a quarter of an hour, then let it dry before '
                . 'it goes back.',
            'The coils have set where they lie.',
            'Water in a bearing or on a washer stays there.',
            'Hand-hot, not boiling, and out of children’s reach.',
            self::SOAK_AFTER_S,
        );
    }

    private function drag(): Step
    {
        return new Step(
            StepKind::Drag,
            null,
            'Set the drag for fishing',
            'The drag was tight for winding. Set it for fishing, by a scale, from below.',
            'It slips at the force you want, and starts without a jerk.',
            'Left tight, the first fish finds the weakest knot.',
            'Hooks off. Nobody in line with the rod, eyes protected, the bend low: what lets go comes back. Mind lamps and cables.',
        );
    }

    private function leader(): ?Step
    {
        return !$this->setting->leader
            ? null
            : new Step(
                StepKind::Leader,
                null,
                'Leader',
                'Tie the leader on with the knot shown; trim it close. Its join never lies on the spool at the cast. Heavy lead thrown with force asks for the other way round: say the '
                    . 'lead below, and write the leader down.',
                'The join runs through the guides without a click, or stays outside the tip.',
                'A leader too long: the join catches in the coils at every cast.',
                'Pull knots down round a dowel, never round a hand.',
            );
    }

    private function label(): Step
    {
        return new Step(
            StepKind::Label,
            null,
            'Label and write down',
            'A label on the reel foot; what is left on each filler is written already.',
            'Kind, strength, diameter, length and date are on the reel.',
            'No label: next year nobody knows what is on.',
        );
    }

    private function firstOuting(): Step
    {
        return new Step(
            StepKind::FirstOuting,
            null,
            'First outing',
            'First casts gentle, with something heavy, a finger at the lip; or trail the bare line, to bed it. '
                . match ($this->reel()) {
                    ReelKind::Spinning => 'Close the bail by hand and draw the line snug before you wind. ',
                    ReelKind::Baitcasting => 'Set brake and spool tension again: the spool weighs more or less than before. ',
                    ReelKind::Spincast => 'Draw the line snug before you wind. ',
                } . 'Never wind while the drag slips: lift, then wind down. Read the level once more afterwards. Loosen the drag for storage.',
            'The line lies tighter and the level has sunk a little.',
            'Settled line may want more backing: measure once more and see.',
        );
    }
}
