<x-door title="Sign in">
    @isset($wrong)
        <p role="alert"><b>{{ $wrong }}</b></p>
    @endisset
    <form method="post" action="/sign-in">
        <input type="hidden" name="to" value="{{ $to }}">
        <p><label for="email">Email</label>
            <input id="email" name="email" type="email" value="{{ $email ?? '' }}" autocomplete="username" required @empty($email) autofocus @endempty></p>
        <p><label for="password">Password</label>
            <input id="password" name="password" type="password" autocomplete="current-password" required @if ($email ?? '') autofocus @endif></p>
        <p><button>Sign in</button></p>
    </form>
    <p><a href="/forgot">Forgot your password?</a></p>
    <p><small>To join a household, ask its manager for an invitation link.</small></p>
</x-door>
