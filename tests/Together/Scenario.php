<?php

declare(strict_types=1);

namespace Tests\Together;

use Closure;

/** One way of changing something: what is there before, what is sent, and what must have come of it. */
final readonly class Scenario
{
    /**
     * @param Closure(TogetherTestCase): mixed            $prepare makes what the act is about
     * @param Closure(mixed, int, TogetherTestCase): Sent $sent the request; the number tells acts of different keys
     *     apart
     * @param Closure(mixed, TogetherTestCase): mixed     $measure what the act changes, counted or read
     * @param mixed $comes what a number grows by, or what is read, after four requests of three acts
     * @param bool $link whether a client's phone sends it, which has no session
     */
    public function __construct(
        public Closure $prepare,
        public Closure $sent,
        public Closure $measure,
        public mixed $comes,
        public bool $link = false,
    ) {
    }
}
