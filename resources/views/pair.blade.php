<x-door title="Let this device in">
    @if (!$lan)
        <p>Undro was not started for other devices. On the computer: <b>./undro start --lan</b></p>
    @else
        @if ($wrong)
            <p role="alert"><b>That is not the code, or it is used up.</b> Look at the computer’s screen: under Wind there is the one that counts now.</p>
        @endif
        <form method="post" action="/pair">
            <p><label for="code">The code on the computer’s screen</label>
                <input class="code" id="code" name="code" value="{{ $code }}" maxlength="12" autocomplete="off" autocapitalize="characters" required></p>
            <p><button>Let it in</button></p>
        </form>
        <p>Without https a browser may let the screen sleep: set the device not to.</p>
    @endif
</x-door>
