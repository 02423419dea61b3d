<?php

declare(strict_types=1);

namespace Undro;

use Undro\Units\Sentence;

/**
 * A figure that makes no sense for the job. Every subject has its own subclass whose named
 * constructors say which figure is wrong and what would be right.
 */
abstract class DomainFault extends \DomainException
{
    /** What is wrong and what would be right; its message is the same in m, mm and kg. */
    public readonly Sentence $says;

    /**
     * @param string          $field the figure at fault, as the caller named it (dotted path, e.g. "spool.lip_diameter_mm")
     * @param string|Sentence $says  a sentence for the angler
     * @param array<string, string> $more what else an answer tells of it
     */
    final public function __construct(public readonly string $field, string|Sentence $says, public readonly array $more = [])
    {
        $this->says = is_string($says) ? Sentence::of($says) : $says;
        parent::__construct($this->says->text());
    }

    /** The same fault, with the field placed under the given path. */
    final public function under(string $path): static
    {
        return $path === '' ? $this : new static($this->field === '' ? $path : "$path.$this->field", $this->says, $this->more);
    }
}
