<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An angler's standing answer to one question.
 *
 * @property string $question
 * @property string $choice
 */
final class Habit extends Model
{
    public $timestamps = false;
    protected $guarded = [];
}
