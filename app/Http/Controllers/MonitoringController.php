<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Monitoring\Check;
use App\Care\Monitoring\CheckState;
use App\Care\Monitoring\SystemChecks;
use App\Care\Monitoring\SystemMetrics;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** How the machine does, for whoever looks after it: nothing here is about anybody. */
final class MonitoringController
{
    /** Whether this process answers, whatever else is away: where it does not, nobody is sent here. */
    public function up(): Response
    {
        return response("up\n", 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }

    public function health(SystemChecks $systemChecks): JsonResponse
    {
        $checks = $systemChecks->all();
        $isFailing = array_filter($checks, static fn (Check $one): bool => $one->state === CheckState::Failing) !== [];

        return new JsonResponse([
            'state' => ($isFailing ? CheckState::Failing : CheckState::Ok)->value,
            'checks' => array_map(static fn (Check $one): array => [
                'state' => $one->state->value, 'value' => $one->value, 'limit' => $one->limit, 'unit' => $one->unit,
            ], $checks),
        ], $isFailing ? 503 : 200, ['Cache-Control' => 'no-store']);
    }

    public function metrics(SystemMetrics $systemMetrics): Response
    {
        return response($systemMetrics->text(), 200, [
            'Content-Type' => SystemMetrics::TYPE, 'Cache-Control' => 'no-store',
        ]);
    }
}
