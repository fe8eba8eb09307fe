<?php

declare(strict_types=1);

namespace App\Exceptions;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** What a program asked for cannot be, with a sentence of ours that says why. */
final class ApiRefusal extends HttpException
{
    public static function because(int $status, string $sentence): self
    {
        return new self($status, $sentence);
    }
}
