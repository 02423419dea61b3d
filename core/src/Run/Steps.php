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
            $steps->hookKnot(),
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
            'Get ready',
            sprintf('Get ready: %s. Check again that reel and rod suit the line.', implode(', ', $this->tools())),
            'All line is here, and each filler spool has enough for the longest likely length.',
            'A filler spool that runs out halfway. A sticker on a new spool: take it off.',
            'Take hooks and lures off the line and away from the bench. Follow the local rules on line and gear.',
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
        $fromFiller = count($this->setting->layers) > ($this->setting->mainOffReel || $this->setting->mainParked ? 1 : 0);
        $joins = count($this->setting->layers) > 1 || $this->setting->kept !== null || $this->setting->leader;

        return array_values(array_filter([
            'scissors',
            'calipers or a ruler',
            'a cotton swab',
            $this->setting->oldLine->inMetres() > 0 && !$this->setting->mainParked ? 'a bag for the old line' : null,
            $this->setting->tape ? 'tape narrower than the spool' : null,
            $this->reel() === ReelKind::Baitcasting ? 'a bit of tape to pull the end through the level-wind' : null,
            $soaks ? 'a bowl of hand-hot water with a drop of dish soap' : null,
            $this->school(Question::Soak) === 'conditioner' ? 'line conditioner' : null,
            $fromFiller ? $this->setting->hold()->needs() : null,
            $this->setting->mainOffReel ? 'the other reel, and a clamp or a helper to hold its foot' : null,
            $this->setting->mainParked ? 'a spare spool with room for all of the line' : null,
            $this->setting->mainParked ? 'a pencil for the spare spool to turn on' : null,
            in_array('cloth', $grips, true) ? 'a damp cloth' : null,
            in_array('glove', $grips, true) ? 'a glove' : null,
            in_array('book', $grips, true) ? 'a heavy book' : null,
            $joins ? 'a dowel to pull knots tight' : null,
            'water to wet the knots',
        ], is_string(...)));
    }

    private function strip(): ?Step
    {
        if ($this->setting->mainParked) {
            return $this->setting->oldLine->inMetres() <= 0 ? null : $this->park();
        }
        if ($this->setting->kept !== null) {
            return $this->setting->oldLine->inMetres() <= 0 ? null : $this->stripToTheJoin();
        }

        return $this->setting->oldLine->inMetres() <= 0 ? null : new Step(
            StepKind::Strip,
            null,
            'Strip the old line',
            Sentence::of(
                'There is about {0} on the spool. Choose what happens to it: strip it, cut it back, or wind it onto another spool.',
                $this->setting->oldLine,
            ),
            'The arbor is bare, or the line that stays is firm and even.',
            'A drill that catches loose ends. A knife cut into the spool, which leaves a nick that cuts the new line.',
            Removal::CAUTION,
        );
    }

    private function park(): Step
    {
        return new Step(
            StepKind::Strip,
            null,
            'Move the line to a spare spool',
            Sentence::of(
                'Take the leader or lure off. Wind all {0} onto a spare spool, evenly and firmly. Set this reel’s drag light: that is your brake. Tape the '
                    . 'end down.',
                $this->setting->oldLine,
            ),
            'The spare spool holds all of it, the arbor is bare, and the line showed no nicks as it ran past.',
            'Line pulled off over the end of the spool: each coil twists it once. Let this spool turn on its drag.',
            Removal::CAUTION,
        );
    }

    private function stripToTheJoin(): Step
    {
        return new Step(
            StepKind::Strip,
            null,
            'Strip the main line',
            Sentence::of(
                'Strip about {0}. Slow down near the end, feel the knot run through your fingers, and cut there. The backing stays. If it '
                    . 'slips, or is soft, rough or wet, strip it too: end this run and plan from the arbor.',
                $this->setting->oldLine,
            ),
            'The backing is firm, level and dry, and does not smell.',
            'A knife cut into the spool, which leaves a nick that cuts the new line.',
            Removal::CAUTION,
        );
    }

    private function lookOver(): Step
    {
        $where = match ($this->reel()) {
            ReelKind::Spinning => 'spool lip, line roller, bail and every guide',
            ReelKind::Baitcasting => 'spool edges, level-wind and every guide',
            ReelKind::Spincast => 'spool lip, pick-up pin, the hole of the nose cone and every guide',
        };

        return new Step(
            StepKind::LookOver,
            null,
            'Feel for nicks',
            "Draw a cotton swab round $where. If it leaves threads, there is a nick or a cracked ring. Polish it, or replace the part.",
            'The swab slides and leaves no thread.',
            'Threads stay behind. That nick would fray the new line on the first fish.',
        );
    }

    private function soak(int $index, Layer $layer): ?Step
    {
        $material = $layer->line->material;
        $seconds = $this->setting->habits->soakSeconds($material);
        if ($seconds === 0 || $this->setting->usedBefore($index)) {
            return null;
        }
        $cool = $this->setting->habits->soaksCool($material);
        $short = $material === Material::Fluoro && !$cool;

        return new Step(
            StepKind::Soak,
            $index,
            sprintf('Soak the %s', $layer->role->word()),
            ($index === 0 ? '' : 'Undro tells you when to put it in, so that it is ready for the knot. If it isn’t in the water yet, put '
                . 'it in now. ')
                . sprintf(
                    'Put the filler spool in %s water with a drop of dish soap: %s for %s. %s',
                    $cool ? 'cool' : 'hand-hot',
                    match (true) {
                        $short => 'under a minute',
                        $cool => 'about ten minutes',
                        default => 'five to ten minutes',
                    },
                    $material->word(),
                    $short ? 'Take it out at the signal.' : 'Continue. The timer keeps running.',
                ),
            'The line comes off limp and lies in wide, lazy coils.',
            'Too hot or too long weakens the line. Too short, and it springs off the filler spool as before.',
            $cool ? null : 'Use hand-hot water, never boiling. Keep it out of children’s reach.',
            $seconds,
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
                "Mount the reel on the rod or its butt, and point the rod straight at the filler spool. Thread the line $guides. "
                    . 'Open the bail before you tie. Switch the anti-reverse on and tighten the drag. If the bail was shut when you tied: '
                    . 'take the spool off, open the bail, put the spool back.',
                'The line runs through every guide and over the open bail, under the wire.',
                'A slipping drag twists the line: each handle turn adds as many twists as the gear ratio.',
            ),
            ReelKind::Baitcasting => new Step(
                StepKind::Mount,
                null,
                'Reel on the rod',
                "Mount the reel on the rod. Thread the line $guides, then through the level-wind with a bit of tape on its end. Switch "
                    . 'the anti-reverse on, tighten the drag and centre the level-wind.',
                'The line runs straight from the level-wind to the middle of the arbor.',
                'Line that misses the level-wind winds onto one side.',
            ),
            ReelKind::Spincast => new Step(
                StepKind::Mount,
                null,
                'Reel on the rod',
                "Take the nose cone off. Thread the line $guides, then through the nose cone from the front. Switch the anti-reverse on "
                    . 'and tighten the drag.',
                'The end comes out behind the nose cone and reaches the spool.',
                'You tied the line before threading the nose cone. Then it has to come off again.',
            ),
        };
    }

    private function place(int $index, Layer $layer): Step
    {
        if ($this->setting->usedBefore($index)) {
            return $this->setting->mainParked ? $this->placeSpareSpool($index) : $this->placeOtherReel($index);
        }
        $what = $index === 0 ? 'filler spool' : 'second filler spool';
        $out = $this->soak($index, $layer) === null || $this->setting->hold() === Hold::Bucket ? '' : 'Take it out of the water and '
            . 'wind it wet. ';
        $hold = $this->setting->hold()->place();
        $book = $this->setting->habits->grip($layer->line) === 'book' ? ' The line runs through a weighted book.' : '';
        if ($this->reel() === ReelKind::Baitcasting) {
            return new Step(
                StepKind::Place,
                $index,
                "Place the $what",
                "$out$hold, facing you, so that line comes off its top.$book",
                'The filler spool turns as line comes off, and stops when you stop.',
                'Over its end, every coil twists a baitcaster’s line once, and nothing takes that out.',
            );
        }

        return $this->setting->feed() === Feed::Rotating
            ? new Step(
                StepKind::Place,
                $index,
                "Place the $what",
                "$out$hold, two steps in front of you and facing you, so that line comes off its bottom. Some take it off the top: that "
                    . "changes the line’s memory, not its twist. Brake the filler spool if it overruns.$book",
                'The filler spool turns as line comes off, and stops when you stop.',
                'A filler spool that overruns throws loose loops. Slack says nothing about direction here, because casting takes the twist out.',
            )
            : new Step(
                StepKind::Place,
                $index,
                "Place the $what",
                "$out$hold, two steps in front of you. Turn it so that line comes off the way the "
                    . ($this->reel() === ReelKind::Spincast
                        ? 'head with the pin turns, seen from where you sit, nose cone off'
                        : 'rotor turns, seen from where you sit')
                    . '. Turn the handle and watch, then pull off some line and watch.' . $book,
                'The line circles off the filler spool in the direction the rotor turns.',
                'If they turn opposite ways, the twists add up. If the rod points to the side, the line rubs on the filler spool’s rim.',
            );
    }

    private function placeSpareSpool(int $index): Step
    {
        return new Step(
            StepKind::Place,
            $index,
            'Place the spare spool',
            'Put the spare spool on a pencil, two steps in front of you. It has to turn as line comes off. Brake it '
                . 'with a finger or a cloth if it overruns.',
            'The spare spool turns as line comes off, and stops when you stop.',
            'Over the end of a fixed spool, each coil adds one twist. Let the spare spool turn.',
            plain: true,
        );
    }

    private function placeOtherReel(int $index): Step
    {
        return new Step(
            StepKind::Place,
            $index,
            'Place the other reel',
            'Hold it two steps in front of you by its foot or a clamp. Set its drag light: that is your brake. Tie on the worn end, so '
                . 'that it goes to the bottom. Slow down for the joining knot and cut there. The line under it stays.',
            'The line comes off its spool under a light, even drag.',
            'Over the end of a fixed spool, each coil adds one twist. Let the spool itself turn.',
            plain: true,
        );
    }

    private function tie(Layer $layer): Step
    {
        if ($this->setting->tape) {
            return new Step(
                StepKind::Tie,
                0,
                'Tie line to the arbor',
                'The arbor has its tape. Tie the knot shown, or tape the end down, as small as you can. Trim it close.',
                'The knot lies flat and tightens in the winding direction.',
                'A fat knot or a long tag, which makes a hump under thin line.',
                $this->cutCaution($layer),
            );
        }
        $bare = $layer->line->material === Material::Braid && !$this->setting->grips;

        return new Step(
            StepKind::Tie,
            0,
            'Tie line to the arbor',
            match (true) {
                $this->reel() === ReelKind::Spinning => 'Open the bail. ',
                $this->reel() === ReelKind::Baitcasting => 'Centre the level-wind. Pass the line round the arbor and out again through '
                    . 'the level-wind. ',
                default => 'Pass the line round the small arbor, clear of the pin. ',
            } . ($bare
                ? 'Tie the knot shown, a noose that winding pulls tight, or tape the tag down. Trim it close. Pull hard once and check '
                    . 'that it grips.'
                : 'Tie the knot shown and trim it close.')
            . ($this->setting->grips ? ' The arbor has a cut-out, hole, pin or strip. Put the knot in it, or lay the first wraps over it.' : ''),
            'The knot is small, trimmed close and snug on the arbor. It never carries a fish, it only holds until the first turns grip.',
            $bare
                ? 'Slick braid that spins round the arbor.'
                : 'A fat knot or a long tag, which makes a hump under thin line.',
            $this->cutCaution($layer),
        );
    }

    private function cutCaution(Layer $layer): ?string
    {
        return $layer->line->material === Material::Braid
            ? 'Braid under load cuts skin. Pull knots tight round a dowel, never round your hand.'
            : null;
    }

    private function firstTurns(Layer $layer): Step
    {
        $close = match ($this->reel()) {
            ReelKind::Spinning => 'Close the bail by hand. ',
            ReelKind::Spincast => 'Put the nose cone back on, and turn until the pin picks up the line. ',
            ReelKind::Baitcasting => $this->setting->vee ? 'Guide the line by hand. Fill the vee first, until it is flush. ' : '',
        };

        return new Step(
            StepKind::FirstTurns,
            0,
            'First ten turns',
            $close . 'Make ten turns, slow and tight, wrap beside wrap.',
            'The wraps lie side by side and do not slide when you pull.',
            'Loose first turns, which let all the line above slip and sink.',
            $layer->line->material === Material::Braid ? 'Use a cloth or a glove. Braid under load cuts skin.' : null,
            turns: self::FIRST_TURNS,
        );
    }

    private function slackTest(int $index, Layer $layer): ?Step
    {
        $overEnd = $this->setting->feed() === Feed::OverEnd && !$this->setting->usedBefore($index);

        return !$this->reel()->hasFixedSpool() || !$overEnd ? null : new Step(
            StepKind::SlackTest,
            $index,
            'Slack test',
            $this->reel() === ReelKind::Spincast
                ? 'After ten to twenty turns, hold the nose cone on by hand. Let an arm’s length of slack hang from the rod tip, and watch it.'
                : 'After ten to twenty turns, let an arm’s length of slack hang from the rod tip, and watch it.',
            $layer->line->material === Material::Braid
                ? 'The line hangs straight. Braid shows twist late: loose coils become wind knots instead of loops.'
                : 'The line hangs straight, or in one gentle bow.',
            'The line wraps round the tip or springs into loops. Press that button, and Undro tells you what to do.',
        );
    }

    private function wind(int $index, Layer $layer): Step
    {
        $last = $index === count($this->setting->layers) - 1;
        $how = match (true) {
            $this->reel() === ReelKind::Baitcasting && $this->setting->vee && $index === 0 => 'Guide by hand until the vee is flush, then '
                . 'let the level-wind work. ',
            $this->reel() === ReelKind::Spincast => 'The spool is small, so count, and stop early rather than late. ',
            $this->reel() === ReelKind::Spinning => 'Leave a little room at the rear flange too. ',
            default => '',
        };

        $back = $this->setting->mainParked && $this->setting->usedBefore($index);

        return new Step(
            StepKind::Wind,
            $index,
            $back ? 'Main line back on' : ($last ? ucfirst($layer->role->word()) . ' to the full level' : ucfirst($layer->role->word()) . ' to the mark'),
            $how . $this->hold($layer) . ($back ? ' All of it goes back on. Stop when the spare spool is empty.' : '') . ($last ? ' Slow down for the last tenth.' : ' Stop at the mark and measure.'),
            'Line is firm and level from flange to flange. The rod points straight at the filler spool.',
            match ($this->reel()) {
                ReelKind::Spinning => 'A growing hump means uneven line lay. Loose coils will jump off in a bunch later.',
                ReelKind::Baitcasting => 'Line bunched at one side: it missed the level-wind, or a knot caught.',
                ReelKind::Spincast => 'Too much line, which jams under the nose cone. Thick braid, which bites into the pin.',
            },
            $layer->line->material === Material::Braid ? 'Use a cloth or a glove. Braid under load cuts skin.' : null,
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

        return 'Keep the line firm all the way.';
    }

    private function join(int $index, Layer $layer): Step
    {
        return new Step(
            StepKind::Join,
            $index,
            sprintf('Tie on the %s', $layer->role->word()),
            match (true) {
                $index === 0 => 'Tie it to the end of the retained backing',
                $this->setting->usedBefore($index) && $this->setting->mainParked => 'Cut the backing, and tie the end on the spare spool to it',
                default => 'Cut the line on the spool, and tie the new one to it',
            }
            . ' with the knot shown. Keep it small, with few turns. Wet it, pull both standing lines, then the tags, and trim it close.'
            . ($this->reel() === ReelKind::Baitcasting ? ' Centre the level-wind, so that the knot sits in the middle.' : '')
            . ($this->reel() === ReelKind::Spincast ? ' The knot has to pass the pin, so tie it smaller than any other.' : ''),
            'The knot is slim and smooth under a fingernail. It holds a steady pull round a dowel.',
            $this->reel() === ReelKind::Baitcasting
                ? 'A knot at one side, which bunches there and catches in the level-wind.'
                : 'A fat knot, which makes a hump in the thin line above.',
            $this->cutCaution($layer) ?? 'Pull-test round a dowel, never round your hand.',
        );
    }

    private function level(): Step
    {
        return new Step(
            StepKind::Level,
            null,
            $this->reel() === ReelKind::Spincast ? 'Check level, firmness and pull' : 'Check level and firmness',
            'Measure from the lip down to the line at three places round the spool. Press your thumb into the line. If it is soft, strip '
                . 'it and wind it on tighter.'
                . ($this->reel() === ReelKind::Spincast ? ' Put the nose cone back on before you pull.' : ''),
            'The three readings agree, and the line is firm under your thumb.',
            'Soft line: the outer turns will cut in under load. One side higher: uneven line lay.',
        );
    }

    private function cut(): Step
    {
        return new Step(
            StepKind::Cut,
            null,
            'Cut and clip',
            'Cut the line. Put its end under a band, or under the clip if that doesn’t nick it. Put the filler spool’s end in its slot '
                . 'and tape it.',
            'Nothing can spring off either spool.',
            'A clip that nicks the line. The first hard cast breaks it there.',
        );
    }

    private function soakAfter(): ?Step
    {
        $last = $this->setting->layers[array_key_last($this->setting->layers) ?? 0] ?? null;

        return $last === null || $this->school(Question::Soak) !== 'after' || $last->line->material === Material::Braid ? null : new Step(
            StepKind::SoakAfter,
            null,
            'Soak the spool',
            'Take bearings and drag washers out. Soak the filled spool in hand-hot water for 15 minutes, then let it dry before you put it back.',
            'The coils have settled.',
            'Water in a bearing or on a washer, which stays there.',
            'Use hand-hot water, never boiling. Keep it out of children’s reach.',
            self::SOAK_AFTER_S,
        );
    }

    private function drag(): Step
    {
        return new Step(
            StepKind::Drag,
            null,
            'Set the drag for fishing',
            'The drag is tight from winding. Set it for fishing with a scale, coming up from below.',
            'The drag slips at the force you want, and starts smoothly.',
            'A drag left tight. The first fish then breaks the weakest knot.',
            'Take hooks off. Wear glasses. Keep everybody out of line with the rod, and keep its bend low: a broken line springs back. '
                . 'Watch out for lamps and cables.',
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
                'Tie the leader on with the knot shown and trim it close. Its knot must not be on the spool when you cast. A heavy sinker '
                    . 'cast hard needs the opposite: type its weight below, and save the leader.',
                'The knot runs through the guides without a click, or stays outside the rod tip.',
                'Too long a leader. Its knot catches in the coils at every cast.',
                'Pull knots tight round a dowel, never round your hand.',
            );
    }

    private function hookKnot(): Step
    {
        return new Step(
            StepKind::HookKnot,
            null,
            'Hook knot',
            'Tie on the hook, lure or snap with the knot shown. Wet the knot, then pull it tight slowly. Trim it close.',
            'The coils lie side by side, and nothing slips under a steady pull.',
            'A knot pulled tight dry. Mono and fluorocarbon burn, and the knot breaks early.',
            'Hold the hook with pliers while you pull. Keep the point away from your fingers and face.',
        );
    }

    private function label(): Step
    {
        return new Step(
            StepKind::Label,
            null,
            'Label the reel',
            'Put a label on the reel foot. What is left on each filler spool is saved already.',
            'Kind, strength, diameter, length and date are on the reel.',
            'No label. Next year nobody knows what is on the reel.',
        );
    }

    private function firstOuting(): Step
    {
        return new Step(
            StepKind::FirstOuting,
            null,
            'First trip',
            'Make 20 to 30 casts of growing length, the first ones gentle, with a heavy lure'
                . ($this->reel() === ReelKind::Spinning ? ' and a finger at the lip' : '') . '. Or trail the bare line. Both bed the line in. '
                . match ($this->reel()) {
                    ReelKind::Spinning => 'Close the bail by hand and pull the line snug before you wind. ',
                    ReelKind::Baitcasting => 'Adjust brake and spool tension again, because the spool’s weight has changed. ',
                    ReelKind::Spincast => 'Pull the line snug before you wind. ',
                } . 'Never wind while the drag slips: lift, then wind down. Measure the line level again afterwards. Loosen the drag '
                    . 'for storage.',
            'The line is tighter, and its level has sunk a little.',
            'Line that settled too low. Measure again: it may need more backing.',
        );
    }
}
