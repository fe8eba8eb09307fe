<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Leads an address of before to the page that answers it now, whatever was asked with it. */
final class MovedController extends Controller
{
    /** Pages of one client, by what they were called. */
    private const OF_A_CLIENT = [
        'season' => 'plan', 'season.ics' => 'plan.ics', 'what-if' => 'plan/what-if', 'terms' => 'plan/terms',
        'cause' => 'history/cause', 'ledger' => 'history/ledger',
        'visits' => 'history', 'bench' => 'hair-tests', 'basin' => 'wash', 'home' => 'home-routine',
        'home.pdf' => 'home-routine.pdf', 'trials' => 'trends/trials',
        'wash-day' => 'wash-days', 'shelf' => 'products', 'delete' => 'erase',
    ];

    /** The longest first, so that none is taken for the beginning of another. */
    private const OF_THE_SALON = [
        'in-and-out' => 'salon/data', 'records' => 'clients/records', 'seasons' => 'plans',
        'outbox' => 'salon/messages', 'house' => 'salon', 'shelf' => 'products', 'team' => 'reports/team',
        'heads' => 'clients',
    ];

    public function __invoke(Request $request, string $old): RedirectResponse
    {
        $query = $request->getQueryString();

        return redirect('/' . self::now($old) . ($query === null ? '' : "?{$query}"), 301);
    }

    /** @return string the path of today */
    private static function now(string $old): string
    {
        if (preg_match('~^heads/([^/]+)/([^/]+)(/.*)?$~', $old, $found) === 1) {
            return "clients/{$found[1]}/" . (self::OF_A_CLIENT[$found[2]] ?? $found[2]) . ($found[3] ?? '');
        }
        preg_match('~^([a-z-]+)(.*)$~', $old, $found);

        return (self::OF_THE_SALON[$found[1] ?? ''] ?? '') . ($found[2] ?? '');
    }
}
