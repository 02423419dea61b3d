<?php

declare(strict_types=1);

namespace Undro\Photo;

/** Where the thing of known size is: on the surface the spool lies on, against the flange that faces the camera, or as high as the spool's axis. */
enum Lies: string
{
    case Table = 'table';
    case Flange = 'flange';
    case Axis = 'axis';
}
