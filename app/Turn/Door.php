<?php

declare(strict_types=1);

namespace App\Turn;

/** The address under which a learner works on what was handed out; it leads nowhere else. */
final readonly class Door
{
    /**
     * @param array<string, string> $key    the parts of the query by which it opens
     * @param string                $back   to all that was handed out
     * @param int                   $opened when this page was opened, as a timestamp
     * @param string|null           $notice what is to be said of what was just sent
     * @param string|null           $next   to the problem after this one; null where it is the last
     * @param bool                  $isTest whether no help is given
     * @param string                $place  which problem of how many, in words
     */
    public function __construct(
        public string $path,
        public array $key,
        public string $back,
        public int $opened,
        public ?string $notice = null,
        public ?string $next = null,
        public bool $isTest = false,
        public string $place = '',
    ) {}

    /** Where lines are sent. */
    public function entry(): string
    {
        return $this->path . '?' . http_build_query($this->key, '', '&', \PHP_QUERY_RFC3986);
    }
}
