<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Care\Programs\AccessTokens;
use App\Care\Programs\Webhooks;
use App\Http\Requests\AccessTokenRequest;
use App\Http\Requests\WebhookRequest;
use App\Models\AccessToken;
use App\Models\Webhook;
use App\Models\WebhookDelivery;
use App\Pages\Salon\ConnectionsScreen;
use App\Wording\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Other programs: who may ask, and who is told. */
final class ConnectionsController extends Controller
{
    /** What is shown on the next page alone. */
    private const KEY = 'new-key';

    public function __construct(
        private readonly AccessTokens $accessTokens,
        private readonly ConnectionsScreen $connectionsScreen,
        private readonly Webhooks $webhooks,
    ) {
    }

    public function show(Request $request): View
    {
        $key = $request->session()->get(self::KEY);

        return view('salon.connections', $this->connectionsScreen->of($this->salon(), is_array($key) ? $key : []));
    }

    public function give(AccessTokenRequest $request): RedirectResponse
    {
        $key = $this->accessTokens->give($this->stylist(), $request->name(), $request->may(), $request->days());

        return $this->said('given', ['name' => $request->name()])->with(self::KEY, ['token', $key]);
    }

    public function takeBack(AccessToken $accessToken): RedirectResponse
    {
        $accessToken->delete();

        return $this->said('taken', ['name' => $accessToken->name]);
    }

    public function add(WebhookRequest $request): RedirectResponse
    {
        $secret = $this->webhooks->add($this->stylist(), $request->address(), $request->tells());

        return $this->said('added')->with(self::KEY, ['webhook', $secret]);
    }

    public function start(Webhook $webhook): RedirectResponse
    {
        $this->webhooks->start($webhook);

        return $this->said('started');
    }

    public function drop(Webhook $webhook): RedirectResponse
    {
        $webhook->delete();

        return $this->said('dropped');
    }

    public function again(WebhookDelivery $webhookDelivery): RedirectResponse
    {
        $this->webhooks->tellAgain($webhookDelivery);

        return $this->said('again');
    }

    /** @param array<string, string> $with */
    private function said(string $what, array $with = []): RedirectResponse
    {
        return redirect()->route('salon.connections')->with('said', Words::say("connections.said.{$what}", $with));
    }
}
