<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Care\Programs\AccessTokens;
use App\Models\TokenAbility;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use stdClass;

/** Another program, with a token of its own: whatever it is answered is held against the OpenAPI document. */
final class AskingProgram
{
    public readonly string $token;

    private static ?stdClass $document = null;

    /** @param list<TokenAbility>|null $may null: everything */
    public function __construct(private readonly FeatureTestCase $test, ?User $by = null, ?array $may = null)
    {
        $this->token = app(AccessTokens::class)->give(
            $by ?? $test->stylist,
            'Website',
            $may ?? TokenAbility::cases(),
            90,
        );
    }

    public static function document(): stdClass
    {
        return self::$document ??= json_decode(
            (string) file_get_contents(resource_path('api/openapi.json')),
            flags: JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @param array<string, mixed>|string $body    or the text that is sent
     * @param array<string, string>       $headers
     */
    public function asks(string $method, string $path, array|string $body = [], array $headers = []): TestResponse
    {
        $headers += ['Authorization' => "Bearer {$this->token}", 'Content-Type' => 'application/json'];
        $server = [];
        foreach ($headers as $name => $value) {
            $server[$name === 'Content-Type' ? 'CONTENT_TYPE' : 'HTTP_' . strtoupper(strtr($name, '-', '_'))] = $value;
        }
        // A program is another visitor, who has no session and signs in anew each time.
        [$default, $user] = [Auth::getDefaultDriver(), Auth::user()];
        Auth::forgetGuards();
        Auth::shouldUse('web');
        $isAsked = $method === 'GET';
        $answer = $this->test->call(
            $method,
            "/api/v1{$path}",
            $isAsked && is_array($body) ? $body : [],
            server: $server,
            content: $isAsked ? null : (is_string($body) ? $body : (string) json_encode($body ?: new stdClass())),
        );
        Auth::forgetGuards();
        Auth::shouldUse($default === 'sanctum' ? 'web' : $default);
        if ($user !== null) {
            $this->test->actingAs($user);
        }
        self::hold($method, $path, $answer);

        return $answer;
    }

    /** Fails where the answer is not one the document promises. */
    private static function hold(string $method, string $path, TestResponse $answer): void
    {
        $path = (string) strtok($path, '?');
        foreach ((array) self::document()->paths as $template => $item) {
            $pattern = '#^' . preg_replace('/\\\\\{\w+\\\\\}/', '[^/]+', preg_quote((string) $template, '#')) . '$#';
            $operation = $item->{strtolower($method)} ?? null;
            if ($operation === null || preg_match($pattern, $path) !== 1) {
                continue;
            }
            $status = (string) $answer->getStatusCode();
            $promised = $operation->responses->{$status} ?? null;
            expect($promised)->not->toBeNull("{$method} {$path} answered {$status}: {$answer->getContent()}");
            $promised = isset($promised->{'$ref'}) ? self::document()->components->responses->Problem : $promised;
            foreach (array_keys((array) ($promised->headers ?? [])) as $header) {
                expect($answer->headers->has((string) $header))->toBeTrue("{$method} {$path} has no {$header}");
            }
            $type = (string) array_key_first((array) $promised->content);
            expect($answer->headers->get('Content-Type'))->toStartWith($type);
            $schema = clone $promised->content->{$type}->schema;
            $schema->components = self::document()->components;
            $validator = new Validator();
            $validator->parser()->setOption('defaultDraft', '2020-12');
            $result = $validator->validate(json_decode((string) $answer->getContent()), $schema);
            expect($result->isValid())->toBeTrue("{$method} {$path}: " . ($result->hasError()
                ? json_encode((new ErrorFormatter())->format($result->error()))
                : ''));
        }
    }
}
