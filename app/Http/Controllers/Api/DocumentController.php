<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What there is to ask for, as OpenAPI 3.1 has it. */
final class DocumentController
{
    public const FILE = 'api/openapi.json';

    public function __invoke(): BinaryFileResponse
    {
        return response()->file(resource_path(self::FILE), ['Content-Type' => 'application/json']);
    }
}
