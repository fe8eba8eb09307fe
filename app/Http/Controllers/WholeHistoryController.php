<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Head;
use App\Pages\History\WholeHistory;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** All that is kept of a client, handed over. */
final class WholeHistoryController extends Controller
{
    public function __construct(private readonly WholeHistory $wholeHistory)
    {
    }

    public function pdf(Head $head): Response
    {
        return $this->handed($head, $this->wholeHistory->pdf($head), 'application/pdf', 'pdf');
    }

    public function json(Head $head): Response
    {
        return $this->handed($head, $this->wholeHistory->json($head), 'application/json', 'json');
    }

    private function handed(Head $head, string $content, string $type, string $suffix): Response
    {
        activity()->performedOn($head)->log('everything exported for the client');
        $name = Str::slug($head->name) ?: 'client';

        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$name}-history.{$suffix}\"",
        ]);
    }
}
