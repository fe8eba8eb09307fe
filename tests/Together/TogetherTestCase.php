<?php

declare(strict_types=1);

namespace Tests\Together;

use App\Models\Head;
use App\Models\Salon;
use App\Models\User;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Cache;

/** The application as it is served, in several processes, with a salon of its own that is really in the database. */
abstract class TogetherTestCase extends TestCase
{
    public Salon $salon;
    public User $stylist;
    public Device $one;
    public Device $other;
    private SalonOfManyHands $house;

    protected function setUp(): void
    {
        parent::setUp();
        $this->house = SalonOfManyHands::open();
        [$this->salon, $this->stylist] = [$this->house->salon, $this->house->stylist];
        // So many sign-ins in a minute would be turned away, rightly.
        Cache::flush();
        $this->one = (new Device($this->url()))->signIn($this->stylist->email, SalonOfManyHands::PASSWORD);
        $this->other = (new Device($this->url()))->signIn($this->stylist->email, SalonOfManyHands::PASSWORD);
    }

    protected function tearDown(): void
    {
        $this->salon->delete();
        parent::tearDown();
    }

    public function url(): string
    {
        return (string) getenv('NAGOMI_TOGETHER_URL');
    }

    /** A head with three wash days and a visit; or the shipped example, with all its history. */
    public function aHead(?string $example = null): Head
    {
        return $this->house->aHead($example);
    }

    public function today(): string
    {
        return $this->salon->today()->format('Y-m-d');
    }
}
