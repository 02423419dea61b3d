<x-door :title="$fresh ? 'Join '.$household : 'Choose another password'">
    @isset($wrong)
        <p role="alert"><b>{{ $wrong }}</b></p>
    @endisset
    @if ($fresh)
        <p>Reels, lines, plans and the log of “{{ $household }}” {{ $first ? 'are kept for you, and for whom you invite' : 'will be yours too' }}. You sign in with your mail address and a password.</p>
    @endif
    <form method="post" action="/welcome/{{ $token }}">
        @if ($fresh)
            <p><label for="name">Your name</label>
                <input id="name" name="name" value="{{ $name }}" maxlength="60" autocomplete="name" aria-describedby="bench" required>
                <small id="bench">You stand at the bench under it too: habits, units and pace are each one’s own.</small></p>
            <p><label for="email">Mail address</label>
                <input id="email" name="email" type="email" value="{{ $email }}" maxlength="200" autocomplete="username" required></p>
        @else
            <input type="hidden" name="email" value="{{ $email }}" autocomplete="username">
        @endif
        <p><label for="password">{{ $fresh ? 'A password' : 'The new password' }}</label>
            <input id="password" name="password" type="password" minlength="{{ App\Households\Person::LEAST_PASSWORD }}" autocomplete="new-password" aria-describedby="long" required>
            <small id="long">At least {{ App\Households\Person::LEAST_PASSWORD }} characters; a few words in a row do well.</small></p>
        <p><button>{{ $fresh ? 'Join' : 'Take this password' }}</button></p>
    </form>
    @unless ($fresh)
        <p><small>Wherever you are signed in now you are signed out.</small></p>
    @endunless
</x-door>
