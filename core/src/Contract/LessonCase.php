<?php

declare(strict_types=1);

namespace Undro\Contract;

use Undro\Input\Input;
use Undro\Json\LessonJson;
use Undro\Lesson\LessonId;

/** "lesson": a lesson on something made-up, where its moves have brought it; and its truth, when it is over. Beyond the contract. */
final class LessonCase implements Calculator
{
    /**
     * Question: which lesson, the seed its things are drawn by, the moves made so far, and whether it is left there. Answer: what is given,
     * what can be done, what came of each move, what there is to see; and once it is over how near it came, beside what Undro would have done.
     *
     * @throws \Undro\DomainFault naming the move that cannot be made
     */
    public static function compute(Input $in): array
    {
        $id = $in->choice('lesson', LessonId::class);
        $seed = (int) $in->number('seed', 1, LessonJson::MOST_SEED);
        $over = $in->boolean('over');

        return LessonJson::write($id, $seed, $in->make(static fn() => LessonJson::lesson($id, $seed, $in)), $over);
    }
}
