<?php

declare(strict_types=1);

namespace Undro\Spool;

/** What is taken where nothing was measured or said. Each stands here alone. */
final class Usual
{
    /** Line that one handle turn brings in, m; ours, between a small spinning reel and a large one. */
    public const RETRIEVE_M = 0.6;
    /** Handle turns a minute; ours. */
    public const PACE_TURNS_PER_MIN = 60.0;
    /** Depth of a lip's bevel, mm. Source: handbook, chapter 2, "How full". */
    public const BEVEL_MM = 1.5;
}
