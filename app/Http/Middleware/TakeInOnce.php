<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Care\Shared\ActKey;
use App\Care\Shared\Lock;
use App\Care\Shared\Outcome;
use App\Care\Shared\WriteProtocol;
use App\Models\Act;
use App\Models\Head;
use App\Models\HomeLink;
use App\Models\User;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Crypt;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Brings every request that changes something through the write protocol. It stands outside the binding of models, so
 * that what a
 * controller is handed was read after the lock was held.
 */
final readonly class TakeInOnce
{
    public const HEADER = 'X-Act-Key';

    /** As other programs know it (IETF draft on the Idempotency-Key header, from memory). */
    public const HEADER_OF_PROGRAMS = 'Idempotency-Key';

    /** Headers that say what came of it. */
    private const TOLD_AGAIN = ['ETag', 'Location'];

    /** Without a key, the same words within so long are a double tap. */
    private const DOUBLE_TAP_SECONDS = 10;

    private const LONGEST_KEY = 64;

    /** Asked by POST, and changing nothing but what follows from what is there. */
    private const ONLY_ASKS = [
        'clients.plan.preview', 'clients.instruments.read', 'clients.instruments.on-picture', 'practice.beside',
    ];

    /** What is sent holds acts with keys of their own, or replaces what was sent before it. */
    private const KEYS_OF_ITS_OWN = [
        'clients.wash.acts',
        'card.acts',
        'clients.hair-tests.acts',
        'clients.hair-tests.draft',
    ];

    /** What is done to a head and changes its booking, or something else of the salon. */
    private const TELLS_THE_DESK = [
        'clients.wash.begin',
        'clients.wash.finish',
        'clients.wash.break-off',
        'clients.delete',
        'clients.practice.store',
    ];

    /** What is shown once: kept locked with the answer, for whoever tapped twice. */
    private const SECRETS = ['second-codes', 'new-key'];

    /** Parts of a request that say nothing of what is meant. */
    private const BESIDES = ['_token', '_method', Act::FIELD, '_seen'];

    public function __construct(private WriteProtocol $protocol)
    {
    }

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        /** @var Route $route */
        $route = $request->route();
        if ($request->isMethodSafe() || in_array($route->getName(), self::ONLY_ASKS, true)) {
            return $next($request);
        }
        // As they came: a second try binds its models anew.
        /** @var array<string, object|string|null> $parameters */
        $parameters = $route->parameters();

        return $this->protocol->once(
            in_array($route->getName(), self::KEYS_OF_ITS_OWN, true) ? null : $this->key($request),
            $this->lock($request, $route),
            /** @return Outcome<Response> */
            function () use ($request, $next, $route, $parameters): Outcome {
                foreach ($parameters as $name => $value) {
                    $route->setParameter($name, $value);
                }
                // Whoever acts was read before the lock was held.
                $user = $request->user();
                if ($user instanceof User) {
                    $user->refresh();
                }

                return $this->outcome($request, $next($request));
            },
            fn (array $answer): Response => $this->again($request, $answer),
        );
    }

    private function key(Request $request): ActKey
    {
        $user = $request->user();
        $who = $user instanceof User ? "user {$user->id}" : 'link';
        $what = "{$request->method()} {$request->path()}";
        /** @var Route $route */
        $route = $request->route();
        // The path leads to a client; what is kept to be looked at by people does not.
        $name = (string) $route->getName();
        $key = $request->header(self::HEADER_OF_PROGRAMS) ?? $request->header(self::HEADER)
            ?? $request->input(Act::FIELD);
        $words = $this->words($request);

        return is_string($key) && $key !== '' && strlen($key) <= self::LONGEST_KEY
            ? ActKey::keyed($who, $what, $key, $words, $name)
            : ActKey::unkeyed($who, $what, $words, self::DOUBLE_TAP_SECONDS, $name);
    }

    private function words(Request $request): string
    {
        $files = [];
        foreach ($request->allFiles() as $name => $file) {
            $files[$name] = array_map(
                fn (UploadedFile $one): string => (string) hash_file('sha256', $one->getPathname()),
                is_array($file) ? $file : [$file],
            );
        }

        return serialize([
            array_diff_key(
                $request->isJson() ? $request->json()->all() : $request->request->all(),
                array_flip(self::BESIDES),
            ),
            $request->query->all(),
            $files,
            $request->expectsJson(),
        ]);
    }

    private function lock(Request $request, Route $route): Lock
    {
        $user = $request->user();
        $head = $route->originalParameter('head');
        $link = $route->originalParameter('link');
        if (! $user instanceof User) {
            $ofLink = is_string($link) ? HomeLink::query()->whereKey($link)->value('head_id') : $head;

            return is_string($ofLink) ? Lock::head($ofLink) : Lock::nothing();
        }
        if (! is_string($head)) {
            return Lock::salon($user->salon_id);
        }
        // Another salon's head is not even waited for; who asks for it is turned away where it is bound.
        $isOurs = Head::query()->whereKey($head)->where('salon_id', $user->salon_id)->exists();

        return match (true) {
            ! $isOurs => Lock::nothing(),
            in_array($route->getName(), self::TELLS_THE_DESK, true) => Lock::salonAndHead($user->salon_id, $head),
            default => Lock::head($head),
        };
    }

    /** @return Outcome<Response> */
    private function outcome(Request $request, Response $response): Outcome
    {
        $failed = property_exists($response, 'exception') && $response->exception instanceof Throwable
            ? $response->exception
            : null;
        $flashed = $this->flashed($request);
        if ($failed !== null || $response->getStatusCode() >= 400 || isset($flashed['errors'])) {
            return Outcome::refused($response, $failed);
        }

        return Outcome::done($response, [
            'status' => $response->getStatusCode(),
            'to' => $response instanceof RedirectResponse ? $response->getTargetUrl() : null,
            'content' => $response instanceof RedirectResponse ? '' : (string) $response->getContent(),
            'type' => $response->headers->get('Content-Type'),
            'headers' => array_filter(array_intersect_key([
                'ETag' => $response->headers->get('ETag'), 'Location' => $response->headers->get('Location'),
            ], array_flip(self::TOLD_AGAIN)), is_string(...)),
            'flashed' => array_filter($flashed, fn (mixed $value): bool => is_scalar($value) || is_array($value)),
        ]);
    }

    /** @return array<string, mixed> what the next page is told */
    private function flashed(Request $request): array
    {
        if (! $request->hasSession()) {
            return [];
        }
        $session = $request->session();
        $flashed = [];
        foreach ((array) $session->get('_flash.new', []) as $name) {
            if (is_string($name)) {
                $value = $session->get($name);
                $flashed[$name] = in_array($name, self::SECRETS, true) ? Crypt::encrypt($value) : $value;
            }
        }

        return $flashed;
    }

    /** @param array<string, mixed> $answer */
    private function again(Request $request, array $answer): Response
    {
        foreach (
            $request->hasSession() && is_array($answer['flashed'] ?? null) ? $answer['flashed'] : [] as $name => $value
        ) {
            $isSecret = is_string($value) && in_array($name, self::SECRETS, true);
            $request->session()->flash((string) $name, $isSecret ? Crypt::decrypt($value) : $value);
        }
        if (is_string($answer['to'] ?? null)) {
            return redirect()->to($answer['to'], is_int($answer['status'] ?? null) ? $answer['status'] : 302);
        }
        $content = is_string($answer['content'] ?? null) ? $answer['content'] : '';
        $status = is_int($answer['status'] ?? null) ? $answer['status'] : 200;
        $type = is_string($answer['type'] ?? null) ? $answer['type'] : 'text/html';

        /** @var array<string, string> $headers */
        $headers = is_array($answer['headers'] ?? null) ? $answer['headers'] : [];

        return str_contains($type, 'json')
            ? JsonResponse::fromJsonString($content, $status, $headers)
            : new Answer($content, $status, ['Content-Type' => $type] + $headers);
    }
}
