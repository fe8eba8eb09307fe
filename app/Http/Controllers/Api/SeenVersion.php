<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Exceptions\ApiRefusal;
use App\Http\Resources\BookingResource;
use App\Http\Resources\ClientResource;
use App\Http\Resources\Tagged;
use App\Wording\Words;
use Illuminate\Http\Request;

/** A program changes only what it has seen as it is (If-Match, RFC 9110; 428 is RFC 6585). */
final readonly class SeenVersion
{
    /** @throws ApiRefusal */
    public static function orRefuse(Request $request, ClientResource|BookingResource $resource): void
    {
        $seen = $request->headers->get('If-Match');
        if ($seen === null) {
            throw ApiRefusal::because(428, Words::say('api.problems.428'));
        }
        $marks = array_map(trim(...), explode(',', $seen));
        if ($seen !== '*' && ! in_array(Tagged::of($resource, $request), $marks, true)) {
            throw ApiRefusal::because(412, Words::say('api.problems.412'));
        }
    }
}
