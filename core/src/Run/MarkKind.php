<?php

declare(strict_types=1);

namespace Undro\Run;

/** What can happen in a run; each is written down when it happens and never changed. */
enum MarkKind: string
{
    /** a step is done, left out, or gone back to; something is noted at it */
    case Done = 'done';
    case Skipped = 'skipped';
    case Back = 'back';
    case Note = 'note';
    /** handle turns, more or fewer */
    case Turns = 'turns';
    /** more metres, by a counter or by somebody */
    case Counted = 'counted';
    /** all metres on of the layer, as somebody knows them */
    case Said = 'said';
    /** the beat goes at another pace from here on */
    case Pace = 'pace';
    case CounterJoined = 'counter_joined';
    case CounterLost = 'counter_lost';
    /** depths read from the lip, in the middle of a fill or at its end */
    case Depth = 'depth';
    case Slack = 'slack';
    case Thumb = 'thumb';
    /** practice: how tightly the line is held from here on */
    case Tension = 'tension';
    /** the senses of rotation that were looked at, and how the filler lies */
    case Placed = 'placed';
    case SoakStarted = 'soak_started';
    case SoakOver = 'soak_over';
    /** a layer has stopped; what is on is written into the log */
    case Stopped = 'stopped';
    /** the same layer goes on, from another filler or after a snap */
    case Resumed = 'resumed';
    /** the spool or the reel was measured: from here on the whole run goes by it */
    case Measured = 'measured';
    /** old line came off */
    case Stripped = 'stripped';
    /** what was on of a layer that snapped is off again: it is begun anew */
    case Again = 'again';
    /** the run is over: finished, or left as it is */
    case Finished = 'finished';
    case Left = 'left';

    /** Whether whatever is being wound ends here. */
    public function endsALayer(): bool
    {
        return in_array($this, [self::Stopped, self::Finished, self::Left], true);
    }

    /** Whether it may end here: a step that is done or left out can lead on to the next layer. */
    public function mayEndALayer(): bool
    {
        return $this->endsALayer() || in_array($this, [self::Done, self::Skipped, self::Back, self::Resumed], true);
    }
}
