<x-door title="Sign in">
    @isset($wrong)
        <p role="alert"><b>{{ $wrong }}</b></p>
    @endisset
    <form method="post" action="/sign-in">
        <input type="hidden" name="to" value="{{ $to }}">
        <p><label for="email">Mail address</label>
            <input id="email" name="email" type="email" value="{{ $email ?? '' }}" autocomplete="username" required @empty($email) autofocus @endempty></p>
        <p><label for="password">Password</label>
            <input id="password" name="password" type="password" autocomplete="current-password" required @if ($email ?? '') autofocus @endif></p>
        <p><button>Sign in</button></p>
    </form>
    <p><a href="/forgot">I do not know my password</a></p>
    <p><small>Nobody can sign up here: who keeps a household invites you with a link.</small></p>
</x-door>
